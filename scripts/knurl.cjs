'use strict';
// The door for every command. Written for any Node, however old, so that a wrong one gets a sentence and not a stack.

var major = Number(process.versions.node.split('.')[0]);
if (major !== 20) {
  process.stderr.write(
    'Knurl is built for Node 20; this is Node ' +
      process.versions.node +
      '. Switch to Node 20 and start again; nothing was changed.\n',
  );
  process.exit(1);
}

import('./commands.mjs').then(
  function (commands) {
    return commands.run(process.argv.slice(2));
  },
  function (error) {
    process.stderr.write(String(error && error.stack ? error.stack : error) + '\n');
    process.exit(1);
  },
);
