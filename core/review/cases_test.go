package review_test

import (
	"fmt"
	"os"
	"path/filepath"
	"sort"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/review"
)

// TestCases reviews the recipes of testdata. Each starts with the verdict, why
// it is so, the kitchen and the process expected; a finding expected stands behind "# want:"
// on the very line that must be reported, or in a "// want:" header where it is
// about the whole recipe. A change, stop or care that is not expected fails
// too; notes are checked where they are wanted.
func TestCases(t *testing.T) {
	files, err := filepath.Glob("testdata/*.txt")
	require.NoError(t, err)
	require.NotEmpty(t, files)
	for _, name := range files {
		t.Run(strings.TrimSuffix(filepath.Base(name), ".txt"), func(t *testing.T) {
			data, err := os.ReadFile(name)
			require.NoError(t, err)
			c := readCase(t, string(data))
			require.NotEmpty(t, c.why, "a case says why it stands")
			res := reviewer.Review(c.request(t))
			got, notes := findings(res)
			want := []string{}
			for _, w := range c.want {
				if strings.HasSuffix(w, " note") {
					if !notes[w] {
						t.Errorf("missing: %s", w)
					}
					continue
				}
				want = append(want, w)
			}
			sort.Strings(want)
			require.Equal(t, want, got, "findings of\n%s", data)
			require.Equal(t, c.verdict, res.Verdict, "%s\n%v", data, got)
			list := res.Methods
			if res.Verdict == review.Change {
				require.Empty(t, res.Methods, "methods are for clear only")
				list = res.After
			} else {
				require.Empty(t, res.After)
			}
			if c.process == "" {
				require.Empty(t, list, "a recipe that nothing covers has no process")
				return
			}
			var have []string
			for _, p := range list {
				have = append(have, fmt.Sprintf("%s %s %s %d %d", p.Method, p.Jar, p.Pack, p.Minutes, p.PSI))
			}
			require.Contains(t, have, c.process)
		})
	}
}

type testCase struct {
	verdict                     review.Verdict
	why, kitchen, process, text string
	want                        []string
}

func readCase(t *testing.T, data string) testCase {
	var c testCase
	var body []string
	for _, line := range strings.Split(strings.TrimSpace(data), "\n") {
		if h, ok := strings.CutPrefix(line, "// "); ok {
			key, value, _ := strings.Cut(h, ": ")
			switch key {
			case "verdict":
				c.verdict = review.Verdict(value)
			case "why":
				c.why = value
			case "kitchen":
				c.kitchen = value
			case "process":
				c.process = value
			case "want":
				for _, w := range strings.Split(value, "; ") {
					c.want = append(c.want, "0 "+w)
				}
			default:
				t.Fatalf("header %q is unknown", key)
			}
			continue
		}
		text, want, _ := strings.Cut(line, " # want: ")
		body = append(body, text)
		if want != "" {
			for _, w := range strings.Split(want, "; ") {
				c.want = append(c.want, fmt.Sprintf("%d %s", len(body), w))
			}
		}
	}
	c.text = strings.Join(body, "\n")
	return c
}

func (c testCase) request(t *testing.T) review.Request {
	rec, err := reviewer.Reader().Text(c.text)
	require.NoError(t, err)
	req := review.Request{Recipe: rec, ElevationGiven: true}
	for _, kv := range strings.Fields(c.kitchen) {
		key, value, _ := strings.Cut(kv, "=")
		switch key {
		case "elevation":
			req.Elevation, err = strconv.Atoi(value)
			require.NoError(t, err)
		case "jar":
			req.Jar = quantity.Jar(value)
		case "pack":
			req.Pack = value
		case "gauge":
			req.Gauge = value
		case "method":
			req.Method = value
		default:
			t.Fatalf("kitchen %q is unknown", key)
		}
	}
	return req
}

// findings returns "line code severity" of everything but notes, sorted, and
// the notes as a set.
func findings(res review.Result) ([]string, map[string]bool) {
	seen := map[string]bool{}
	out, notes := []string{}, map[string]bool{}
	for _, f := range res.Findings {
		line := 0
		if f.Line != nil {
			line = *f.Line
		}
		s := fmt.Sprintf("%d %s %s", line, f.Code, f.Severity)
		if f.Severity == review.Note {
			notes[s] = true
			continue
		}
		if !seen[s] {
			seen[s] = true
			out = append(out, s)
		}
	}
	sort.Strings(out)
	return out, notes
}
