// Runs before the first paint, so that a lamp-lit evening does not begin with a white flash.
(function () {
  var chosen = null;
  try {
    chosen = localStorage.getItem('zr.theme');
  } catch {
    // Storage may be closed to us; then the system's own preference holds.
  }
  var dark = chosen === 'dark' || (chosen !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset.theme = dark ? 'dark' : 'light';
})();
