#!/bin/sh
# Starts the terminal's program: from its snapshot where there is one of this Node and nothing was built since.
here=$(dirname "$0")/../packages
# A PDF needs packages that a snapshot can't hold.
case " $* " in *" pdf "*) exec node "$here/cli/dist/main.js" "$@" ;; esac
blob="$here/cli/dist/lotus-$(node --version).blob"
# It fits the options only that it was made with.
if [ -z "$NODE_OPTIONS" ] && [ -f "$blob" ] && [ "$blob" -nt "$here/core/tsconfig.tsbuildinfo" ] && [ "$blob" -nt "$here/cli/tsconfig.tsbuildinfo" ]; then
  exec node --max-semi-space-size=64 --min-semi-space-size=32 --interrupt-budget=1000000 --snapshot-blob "$blob" lotus "$@"
fi
exec node "$here/cli/dist/main.js" "$@"
