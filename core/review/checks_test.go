package review_test

import (
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// TestChecksSayWhatTheyReport runs every check by itself over every case: it reports only
// the codes that it names, each code has its rule, and each check has an example of every
// code, and a case that it keeps silent about.
func TestChecksSayWhatTheyReport(t *testing.T) {
	t.Parallel()
	may := review.MayReport()
	spoke, silent := map[string]bool{}, map[string]bool{}
	look := func(name string, req review.Request) map[string][]string {
		got := reviewer.Reported(req)
		for check, codes := range may {
			silent[check] = silent[check] || len(got[check]) == 0
			for _, code := range got[check] {
				spoke[check+": "+code] = true
				if codes != nil { // nil is any code
					assert.Contains(t, codes, code, "%s: name the code beside %q in checks.go", name, check)
				}
			}
		}
		return got
	}
	files, err := filepath.Glob("testdata/*.txt")
	require.NoError(t, err)
	for _, name := range files {
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		look(filepath.Base(name), readCase(t, string(data)).request(t))
	}
	for _, x := range examples(t) {
		got := look(x.code, x.request(t))
		assert.Contains(t, got[x.check], x.code, "testdata/checks/examples.txt: %s does not report it here, but %v:\n%s", x.check, got, x.text)
	}
	for check, codes := range may {
		assert.True(t, silent[check], "%q speaks of every case: it must hold its peace where nothing is wrong", check)
		for _, code := range codes {
			assert.NotNil(t, review.RuleByCode(code), "%s has no rule: write its texts in a rules_*.go", code)
			key := check + ": " + code
			if unshown[key] {
				assert.False(t, spoke[key], "a case shows now that %q reports %s: take it out of unshown", check, code)
			} else {
				assert.True(t, spoke[key], "no case shows that %q reports %s: write one into testdata/checks/examples.txt",
					check, code)
			}
		}
	}
}

// unshown have no example yet: another check speaks first in every text tried.
var unshown = map[string]bool{"omissions: pack-style": true, "stated process: method-mismatch": true, "figures: pressure-low": true}

// checkExample is a recipe of which one check reports one code.
type checkExample struct{ check, code, setting, text string }

// examples reads them: "check: code" or "check: code, kitchen" above each.
func examples(t *testing.T) []checkExample {
	data, err := os.ReadFile("testdata/checks/examples.txt")
	require.NoError(t, err)
	var out []checkExample
	for _, part := range strings.Split(string(data), "--\n") {
		head, text, _ := strings.Cut(part, "\n")
		check, code, _ := strings.Cut(head, ": ")
		code, setting, _ := strings.Cut(code, ", ")
		out = append(out, checkExample{check, code, setting, text})
	}
	return out
}

func (x checkExample) request(t *testing.T) review.Request {
	rec, err := reviewer.Reader().Text(x.text)
	require.NoError(t, err)
	req := review.Request{Recipe: rec, Elevation: 300, ElevationGiven: x.setting != "no elevation"}
	if x.setting == "canner steam" {
		req.Elevation = 7000
	}
	return req
}
