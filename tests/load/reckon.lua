-- The awning valance, over and over.
wrk.method = "POST"
wrk.headers["content-type"] = "application/json"
wrk.body = [[{"finishedEdge":"2.6 m","fullness":2.2,"closed":false,"finishedDepth":"28 cm","seamAllowance":"15 mm",
"hemAllowance":"2 cm","doubled":false,"joinAllowance":"12 mm","endAllowance":"15 mm","clothWidth":"138 cm","cut":"across",
"rows":"three-straddling","rowGap":6,"stitchLength":4.5,"clothThickness":0.35,"plainThickness":0.7,"tail":"10 cm",
"clothWeight":140,"use":"valance"}]]
