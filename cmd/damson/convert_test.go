package main

import (
	"encoding/json"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

const beans = "Green beans\n\nIngredients\n4 lb green beans\nwater\n\nMethod\nPack raw in pints.\n"

// A recipe has the same verdict in whatever format it comes.
func TestReviewReadsEveryFormat(t *testing.T) {
	dir := t.TempDir()
	save := func(name, text string) string {
		file := filepath.Join(dir, name)
		require.NoError(t, os.WriteFile(file, []byte(text), 0o600))
		return file
	}
	files := []string{
		save("text.txt", beans),
		save("page.html", `<html><body><h1>Green beans</h1><div itemtype="https://schema.org/Recipe"><span itemprop=name>Green beans</span><li itemprop=recipeIngredient>4 lb green beans<li itemprop=recipeIngredient>water<p itemprop=recipeInstructions>Pack raw in pints.</p></div></body></html>`),
		save("table.csv", "amount,unit,ingredient,step\n4,lb,green beans,Pack raw in pints.\n,,water,\n"),
	}
	for _, to := range recipe.WriteFormats {
		out, code, err := call(t, beans, "convert", "--to", to, "-")
		require.NoError(t, err)
		require.Zero(t, code)
		files = append(files, save("again."+strings.TrimPrefix(to, "json-")+map[bool]string{true: ".csv"}[to == recipe.FormatCSV], out))
	}
	for _, f := range files {
		out, code, err := call(t, "", "review", "--json", "--elevation", "300ft", f)
		require.Zero(t, code, "%s: %v\n%s", f, err, out)
	}
}

// Several recipes in one file are reviewed one by one, with the file's own line
// numbers.
func TestReviewSeveralInOneFile(t *testing.T) {
	text := beans + "-----\nBeans in cream\nIngredients\n4 lb green beans\nwater\n1 cup cream\nMethod\nPack raw in pints.\n"
	out, code, _ := call(t, text, "review", "--json", "--elevation", "300ft", "-")
	require.Equal(t, exitChange, code)
	lines := strings.Split(strings.TrimSpace(out), "\n")
	require.Len(t, lines, 2)
	var second struct {
		Findings []struct {
			Code string
			Line *int
		}
	}
	require.NoError(t, json.Unmarshal([]byte(lines[1]), &second))
	for _, f := range second.Findings {
		if f.Code == "dairy" {
			require.Equal(t, 14, *f.Line)
			return
		}
	}
	require.Fail(t, "no dairy found", out)
}

func TestConvertRefuses(t *testing.T) {
	for want, args := range map[string][]string{"at least one file": {"convert"}, "--to": {"convert", "--to", "pdf", "-"}, "nothing to read": {"convert", "-"}} {
		_, code, err := call(t, "", args...)
		require.Equal(t, exitUsage, code)
		require.ErrorContains(t, err, want)
	}
}
