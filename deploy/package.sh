#!/usr/bin/env bash
# Puts what a server needs, and nothing that only building needs, into a folder: the same steps as the Dockerfile beside it.
set -euo pipefail
if [ $# -ne 1 ]; then
	echo "usage: deploy/package.sh FOLDER" >&2
	exit 2
fi
target=$1
cd "$(dirname "$0")/.."
if [ ! -f build/app.js ]; then
	npm ci --no-fund --no-audit
	npm run build
fi
mkdir -p "$target"
cp -R build drizzle package.json package-lock.json "$target/"
if [ -f .npmrc ]; then cp .npmrc "$target/"; fi
cd "$target"
npm ci --omit=dev --ignore-scripts --no-fund --no-audit --prefer-offline
