#!/usr/bin/env bash
# Puts what a server needs, and nothing that only building needs, into a folder: the same steps as the Dockerfile beside it.
set -euo pipefail
if [ $# -ne 1 ]; then
	echo "usage: deploy/package.sh FOLDER" >&2
	exit 2
fi
target=$1
cd "$(dirname "$0")/.."
# A build of other sources than these, as after an update, is made again.
node --input-type=module -e "
	import { needBuild, needNpmPackages } from './bin/lib/packages.mjs';
	import { run } from './bin/lib/say.mjs';
	await run(async () => { await needNpmPackages(); await needBuild(); });
"
mkdir -p "$target"
cp -R build drizzle package.json package-lock.json "$target/"
if [ -f .npmrc ]; then cp .npmrc "$target/"; fi
cd "$target"
npm ci --omit=dev --ignore-scripts --no-fund --no-audit --prefer-offline
