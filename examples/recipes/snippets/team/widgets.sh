# Checks the source and walks a preview of the site. What comes of it is in reports/: JUnit for the machine, a page for people.
set -u
mkdir -p reports
status=0
npx elastic-shell check src public --format junit > reports/check.xml || status=$?

npx vite preview --port "${PORT:=4173}" &
preview=$!
trap 'kill "$preview"' EXIT
until curl --silent --fail "http://localhost:$PORT/" > /dev/null; do sleep 1; done
npx elastic-shell rehearse "http://localhost:$PORT/" --depth 2 --parallel 2 --resume reports/walked.jsonl \
  --format junit --report reports/rehearsal.html > reports/rehearsal.xml || status=$?
exit "$status"
