-- A new swatch with every request, each with an id of its own.
local threads = 0
function setup(thread)
  threads = threads + 1
  thread:set("seed", threads)
end
function init()
  math.randomseed(os.time() * 10 + seed)
end
local function hex(n)
  local t = {}
  for i = 1, n do t[i] = string.format("%x", math.random(0, 15)) end
  return table.concat(t)
end
function request()
  local id = string.format("%s-%s-7%s-8%s-%s", hex(8), hex(4), hex(3), hex(3), hex(12))
  local body = string.format(
    '{"id":"%s","workingId":"%s","settings":{"Fullness":"2.2","Rows":"three"},"flat":[300],"gathered":[136,137],"looks":["right"],"verdict":"yes","note":"bench"}',
    id, os.getenv("ZR_WORKING"))
  return wrk.format("POST", "/api/swatches", { ["content-type"] = "application/json" }, body)
end
