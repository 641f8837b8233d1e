package review_test

import (
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

func linesOf(t *testing.T, file string) []string {
	t.Helper()
	data, err := os.ReadFile("testdata/loosened/" + file + ".txt")
	require.NoError(t, err)
	out := strings.Split(strings.TrimSpace(string(data)), "\n")
	require.NotEmpty(t, out)
	return out
}

func lower(s string) string { return strings.ToLower(s[:1]) + s[1:] }

// frame puts a phrase into a sentence: %s as it stands there, %S with a capital.
func frame(sentence, phrase string) string {
	capital := strings.ToUpper(phrase[:1]) + phrase[1:]
	if strings.HasPrefix(sentence, "%s") {
		return strings.NewReplacer("%s", capital, "%S", capital).Replace(sentence)
	}
	return strings.NewReplacer("%s", lower(phrase), "%S", capital).Replace(sentence)
}

// A harm is done whatever is denied beside it: "puree it, no lumps", "no fuss, puree it".
func TestDenialsBesideHarms(t *testing.T) {
	t.Parallel()
	for _, row := range linesOf(t, "harms") {
		f := strings.SplitN(row, "|", 3)
		for _, tail := range linesOf(t, "tails") {
			res := said(t, f[0], f[1], frame(tail, f[2]))
			assert.NotEqual(t, review.Clear, res.Verdict, "%s %s", f[0], frame(tail, f[2]))
		}
	}
}

// A step of safety is not done, however that is said: "vent the canner? Never."
func TestDeniedSteps(t *testing.T) {
	t.Parallel()
	orders, gerunds, ok := strings.Cut(strings.Join(linesOf(t, "denials"), "\n"), "\n--\n")
	require.True(t, ok)
	for _, row := range linesOf(t, "steps") {
		f := strings.SplitN(row, "|", 4)
		forms, phrase := orders, f[2]
		if phrase == "" {
			forms, phrase = gerunds, f[3]
		}
		for _, form := range strings.Split(forms, "\n") {
			if phrase == "waiting" && strings.Contains(form, "for fools") {
				continue // for what, it does not say
			}
			res := said(t, f[0], f[1], frame(form, phrase))
			assert.NotEqual(t, review.Clear, res.Verdict, "%s %s", f[0], frame(form, phrase))
		}
	}
}

// stillOpen are sentences that pass for a step that is done; the list may only shrink.
var stillOpen = map[string]bool{
	"Wait for zero, or not.": true, "Wait for zero a bit.": true,
	"Peel the pears later, when they are opened.": true, "Soak the beans later, when they are opened.": true,
	"Boil the beans later, when they are opened.": true, "Boil the vegetables later, when they are opened.": true,
}

// A step of safety that is left to liking, to the day or to chance is asked about.
func TestOptionalSteps(t *testing.T) {
	t.Parallel()
	for _, row := range linesOf(t, "steps") {
		f := strings.SplitN(row, "|", 4)
		if f[2] == "" {
			continue
		}
		for _, form := range linesOf(t, "optional") {
			sentence := frame(form, f[2])
			res := said(t, f[0], f[1], sentence)
			assert.Equal(t, stillOpen[sentence], res.Verdict == review.Clear, "%s %s", f[0], sentence)
		}
	}
}

// A verb that harms does so in every form: kitchen, place, verb, participle, gerund, object.
func TestFormsOfHarm(t *testing.T) {
	t.Parallel()
	capital := func(s string) string { return strings.ToUpper(s[:1]) + s[1:] }
	for _, row := range linesOf(t, "verbs") {
		f := strings.Split(row, "|")
		require.Len(t, f, 6, row)
		in := strings.NewReplacer("{v}", f[2], "{V}", capital(f[2]), "{p}", f[3], "{g}", f[4], "{G}", capital(f[4]), "{o}", f[5], "{O}", capital(f[5]))
		for _, form := range linesOf(t, "forms") {
			sentence := in.Replace(form)
			res := said(t, f[0], f[1], sentence)
			assert.Equal(t, stillOpen[sentence], res.Verdict == review.Clear, "%s %s", f[0], sentence)
		}
	}
}
