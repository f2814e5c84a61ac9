#!/usr/bin/env bash
# Fetches the face mesh anew from the npm registry and puts it where it ships, then holds it against the checksums beside it.
# Run by hand only, after raising a version; then write the new sums: (cd <the place> && sha256sum $(ls | grep -v SHA256SUMS) > SHA256SUMS)
set -euo pipefail
HUMAN=3.3.6     # @vladmandic/human: the mesh and its models
WASM=4.22.0     # @tensorflow/tfjs-backend-wasm: what runs them
there=$(cd "$(dirname "$(readlink -f "$0")")/../main/resources/static/vendor/face" && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cd "$work"
npm pack --silent "@vladmandic/human@$HUMAN" "@tensorflow/tfjs-backend-wasm@$WASM" >/dev/null
mkdir human wasm
tar xzf vladmandic-human-*.tgz -C human --strip-components 1
tar xzf tensorflow-tfjs-backend-wasm-*.tgz -C wasm --strip-components 1
cp human/dist/human.js human/models/{blazeface,facemesh}.{bin,json} "$there"
cp human/LICENSE "$there/human-LICENSE.txt"
cp wasm/dist/tfjs-backend-wasm.wasm wasm/dist/tfjs-backend-wasm-simd.wasm "$there"
cd "$there"
sha256sum --check --quiet SHA256SUMS
echo "human $HUMAN and its wasm backend $WASM are in place, as summed"
