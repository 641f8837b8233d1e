package review_test

import (
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/review"
)

// TestAmended writes the amended recipe of every case that is to change first:
// the new text must be clear by the review itself, and its process the one
// that was promised.
func TestAmended(t *testing.T) {
	t.Parallel()
	files, err := filepath.Glob("testdata/*.txt")
	require.NoError(t, err)
	for _, name := range files {
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		c := readCase(t, string(data))
		if c.verdict != review.Change {
			continue
		}
		t.Run(strings.TrimSuffix(filepath.Base(name), ".txt"), func(t *testing.T) {
			req := c.request(t)
			first := reviewer.Review(req)
			got := reviewer.Amend(req, c.text, nil)
			if got.Result.Verdict != review.Clear {
				left, _ := findings(got.Result)
				t.Errorf("amended it is %s %v\n--- was\n%s\n--- is\n%s", got.Result.Verdict, left, c.text, got.Text)
				return
			}
			require.NotEmpty(t, got.Made)
			require.Subset(t, first.After, got.Result.Methods, "%s", got.Text)
			if os.Getenv("SHOW") != "" {
				t.Logf("\n--- was\n%s\n--- is\n%s", c.text, got.Text)
			}
		})
	}
}

// every thins the hazards out, so that the test stays quick; 7 shares no factor
// with their number, so that each meets every seventh procedure.
const every = 13

// TestLibraryAmended puts each hazard into each procedure's own recipe. What
// the review says can be mended must, once the edits are written into the text,
// be clear by a review of that text.
func TestLibraryAmended(t *testing.T) {
	t.Parallel()
	mendable, failed, turn := 0, 0, 0
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		if r.When != "" || r.Jar != p.Rows[0].Jar || r.Method != p.Rows[0].Method || r.Pack != p.Rows[0].Pack || r.Gauge != p.Rows[0].Gauge || r.Minutes[0] != p.Rows[0].Minutes[0] {
			return
		}
		for _, h := range hazards {
			if turn++; turn%every != 0 {
				continue
			}
			was := injectOwn(text, h)
			rec, err := reviewer.Reader().Text(was)
			require.NoError(t, err)
			req := review.Request{Recipe: rec, ElevationGiven: true}
			first := reviewer.Review(req)
			if first.Verdict != review.Change {
				continue
			}
			mendable++
			got := reviewer.Amend(req, was, nil)
			if got.Result.Verdict == review.Clear {
				continue
			}
			failed++
			if os.Getenv("SHOW") != "" {
				left, _ := findings(got.Result)
				t.Logf("%s + %q: %s %v\n%s", p.ID, h, got.Result.Verdict, left, got.Text)
			}
		}
	})
	t.Logf("%d to mend, %d not clear once amended", mendable, failed)
	require.Zero(t, failed)
}
