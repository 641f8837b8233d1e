package web_test

import (
	"bytes"
	"compress/gzip"
	"crypto/sha256"
	"encoding/hex"
	"os"
	"path/filepath"
	"sort"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
)

// TestAssetsAreFresh fails where the committed assets were built from other
// sources than those that stand here: `make assets` builds them anew.
func TestAssetsAreFresh(t *testing.T) {
	// The same list, in the same order, stands in web/frontend/build.mjs.
	var inputs []string
	for _, f := range []string{"app.css", "stove.js", "mark.svg", "build.mjs", "package-lock.json", "page/intake.js", "page/margin.js",
		"page/day.js", "page/bench.js", "page/keys.js"} {
		inputs = append(inputs, filepath.Join("frontend", f))
	}
	templates, err := filepath.Glob("*/*.html")
	require.NoError(t, err)
	sort.Strings(templates)
	sum := sha256.New()
	for _, f := range append(inputs, templates...) {
		data, err := os.ReadFile(f)
		require.NoError(t, err)
		sum.Write(data)
	}
	have, err := os.ReadFile("assets/sum.txt")
	require.NoError(t, err)
	require.Equal(t, hex.EncodeToString(sum.Sum(nil)), strings.TrimSpace(string(have)), "stale: run make assets and commit web/assets")
	css, err := os.ReadFile("assets/app.css")
	require.NoError(t, err)
	require.Contains(t, string(css), ".review{", "the styles are those of this product")
	script, err := os.ReadFile("frontend/page/keys.js")
	require.NoError(t, err)
	built, err := os.ReadFile("assets/damson.js")
	require.NoError(t, err)
	require.Contains(t, string(built), string(script))
}

// TestFirstLoad keeps what the first page pulls in under 250 KB compressed.
func TestFirstLoad(t *testing.T) {
	total := 0
	for _, f := range []string{"app.css", "damson.js", "htmx.min.js", "alpine-csp.min.js", "literata.woff2", "commissioner.woff2", "mark.svg"} {
		data, err := os.ReadFile(filepath.Join("assets", f))
		require.NoError(t, err)
		if !strings.HasSuffix(f, ".woff2") {
			var b bytes.Buffer
			w := gzip.NewWriter(&b)
			_, err = w.Write(data)
			require.NoError(t, err)
			require.NoError(t, w.Close())
			data = b.Bytes()
		}
		total += len(data)
	}
	t.Logf("first load: %d KB compressed, pages apart", total/1000)
	require.Less(t, total, 230_000)
}
