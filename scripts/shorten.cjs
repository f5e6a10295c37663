const { minifySync } = require('@swc/core');

/**
 * A module's code made short, as Metro asks of a minifier. SWC does it in a fraction of Terser's time, to the same
 * size within the figures of docs/performance.md. No map of sources: the web build ships none.
 */
module.exports = function shorten({ code, reserved }) {
  return minifySync(code, {
    module: false,
    ecma: 2020,
    sourceMap: false,
    toplevel: false,
    compress: { reduce_funcs: false },
    mangle: { reserved },
    format: { ascii_only: true, wrap_iife: true },
  });
};
