-- A new swatch with every request, each with an id of its own.
local threads = 0
function setup(thread)
  threads = threads + 1
  thread:set("seed", threads)
end
function init()
  math.randomseed(os.time() * 10 + seed)
  first, made = math.random(0, 0xfffffff), 0
end
function request()
  made = made + 1
  local id = string.format("%08x-0000-7000-8000-%012x", first, made)
  local body = string.format(
    '{"id":"%s","workingId":"%s","settings":{"Fullness":"2.2","Rows":"three"},"readings":{"flat":[300],"gathered":[136,137]},"looks":["right"],"verdict":"yes","note":"bench"}',
    id, os.getenv("ZR_WORKING"))
  return wrk.format("POST", "/api/swatches", { ["content-type"] = "application/json" }, body)
end
