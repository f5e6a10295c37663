/** In place of the router's writer of a page's head: ours is in public/index.html, and app/_layout sets the title. */
exports.Head = { Provider: ({ children }) => children };
