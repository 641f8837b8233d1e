package damson_test

import (
	"io/fs"
	"os"
	"path/filepath"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
)

// Every test that docs/security.md names is there.
func TestSecurityIsHeld(t *testing.T) {
	doc, err := os.ReadFile("docs/security.md")
	require.NoError(t, err)
	have := map[string]bool{}
	declared := regexp.MustCompile(`(?m)^func (Test\w+)\(`)
	require.NoError(t, filepath.WalkDir(".", func(path string, d fs.DirEntry, err error) error {
		if err != nil || d.IsDir() && d.Name() == "node_modules" {
			return filepath.SkipDir
		}
		if strings.HasSuffix(path, "_test.go") {
			code, err := os.ReadFile(path)
			require.NoError(t, err)
			for _, m := range declared.FindAllStringSubmatch(string(code), -1) {
				have[m[1]] = true
			}
		}
		return nil
	}))
	named := regexp.MustCompile(`Test\w+`).FindAllString(string(doc), -1)
	require.Greater(t, len(named), 40)
	for _, name := range named {
		require.True(t, have[name], "%s is named in docs/security.md and is nowhere", name)
	}
}
