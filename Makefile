# `make` lists what it can do.
ADDR ?= 127.0.0.1:8080
# -race where a C compiler is at hand, and where goroutines meet: the core has
# none, and its tens of thousands of mutants take four times as long under it.
RACE := $(shell command -v $${CC:-gcc} >/dev/null 2>&1 && [ "$$(go env CGO_ENABLED)" = 1 ] && echo -race)

.PHONY: help rows adversary reliability demo build test race check chromium bench assets library learn dictionary screenshots

help:
	@echo "make demo         start the demo kitchen on $(ADDR) (ADDR=127.0.0.1:9000 for another)"
	@echo "make test         check the code and run every test, the browser's too"
	@echo "make race         what meets other goroutines once more under the race detector; the CI runs it too"
	@echo "make rows         every row of the long lists, of which make test judges a third; the CI runs it too"
	@echo "make bench        measure, and print the figures"
	@echo "make reliability  kill it under load, crowd it, fill it, and see that nothing is lost"
	@echo "make adversary    say fifty thousand hazards in many words, and see that none passes; half an hour"
	@echo "make build        one file that runs anywhere: bin/damson"
	@echo "make library      pack knowledge/ anew after a change to it"
	@echo "make learn        learn the second look anew from the cases, after a change to them"
	@echo "make assets       build styles, scripts and fonts anew (needs npm)"
	@echo "make screenshots  take docs/screenshots anew (needs Chromium)"

build:
	@[ -x bin/damson ] || echo "Compiling Damson. The first time this takes one to two minutes and says nothing; later, seconds."
	@CGO_ENABLED=0 go build -trimpath -o bin/damson ./cmd/damson

demo: build
	./bin/damson demo --addr $(ADDR)

test: check chromium
	@$(MAKE) --no-print-directory -j2 -O test-house test-core

# What stores and serves, and the browser, whose windows wait more than they work; the other half runs beside it.
# The collector runs seldom: memory is cheap here, and time is not.
.PHONY: test-house test-core
check rows race test-house test-core: export GOGC = 400
test-house:
	go test -parallel 4 ./app/... ./cmd/damson ./store/... ./web/...

test-core:
	go test . ./cmd/learn ./core/... ./demo/... ./knowledge/...

# Where goroutines meet: these run once more under the race detector, which makes them six times as slow, and what
# is killed, crowded and filled in short. house_test.go finds one that is missing here.
MEET = TestBrowserPastes|TestBrowserOfTwo|TestBrowserAtTheStove|TestBookByKeyboard|TestSentTwice|TestNothingIsPutBack|TestOnce|TestDemoServes|TestOneReviewForACrowd|TestTwoScreens

race: chromium
	go test $(RACE) -run '$(MEET)' ./app ./cmd/damson ./store ./web
	go test -tags reliability -short -run 'TestKilled|TestCrowd|TestFull' ./cmd/damson

rows:
	go test -tags whole -run 'TestAdversary$$|TestSoundSentences$$|TestHazardsAnywhere' ./core/review

check:
	@bad=$$(gofmt -l app cmd core demo knowledge store web *.go); [ -z "$$bad" ] || { echo "gofmt: $$bad"; exit 1; }
	go vet ./...
	go tool staticcheck ./...
	go vet -tags reliability ./cmd/damson
	go vet -tags whole ./core/review ./core/run ./cmd/learn

# The browser tests need Chromium: Debian's package where it is missing.
chromium:
	@command -v chromium >/dev/null 2>&1 || command -v chromium-browser >/dev/null 2>&1 || command -v google-chrome >/dev/null 2>&1 || \
	{ echo "installing Chromium from Debian's packages"; apt-get update -qq && apt-get install -y -qq --no-install-recommends chromium >/dev/null; } || \
	{ echo "make test: no Chromium here and it cannot be installed; install the package chromium and run again"; exit 1; }

# Kills under load, a crowd, a full kitchen; about five minutes.
reliability:
	go test -tags reliability -timeout 20m -count 1 -v -run 'TestKilled|TestCrowd|TestFull' ./cmd/damson

# Fifty thousand hazards said at random from a small grammar, and every mutant: none may leave
# a recipe clear.
adversary:
	go test -tags whole -timeout 40m -count 1 -v -run 'ByGrammar|NotDone|HazardsNeverClear|ByMistake|EveryFood|TakeSafetyAway|LibraryHazards|KeptApart' ./core/review ./core/run ./cmd/learn

bench: build
	go test -run '^$$' -bench . -benchmem -cpu 1 ./core/review ./core/library ./knowledge ./web
	go run ./cmd/measure ./bin/damson

library:
	go generate ./knowledge

learn:
	go run ./cmd/learn

# from Debian's package wordnet-base
dictionary:
	go run ./cmd/dictionary

assets:
	cd web/frontend && npm install --no-save --no-audit --no-fund && npm run build

screenshots: build
	go run ./cmd/picture ./bin/damson docs/screenshots
