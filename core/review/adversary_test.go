package review_test

import (
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
	"damson/core/review"
)

// kitchens are sound recipes of eleven kinds with three places for a sentence: before
// the jars are filled, once they are closed, and after the process.
var kitchens = func() map[string]kitchen {
	out := map[string]kitchen{}
	files, _ := filepath.Glob("testdata/adversary/kitchens/*.txt")
	for _, name := range files {
		data, err := os.ReadFile(name)
		if err != nil {
			panic(err)
		}
		flags, text, _ := strings.Cut(string(data), "\n")
		out[strings.TrimSuffix(filepath.Base(name), ".txt")] = kitchen{flags, text}
	}
	return out
}()

// kitchen is a recipe with the flags of its kitchen; <0>, <1> and <2> are the places.
type kitchen struct{ flags, text string }

// with puts a sentence at one of the places.
func (k kitchen) with(place, sentence string) string {
	text := strings.Replace(k.text, "<"+place+">", sentence, 1)
	return strings.NewReplacer("<0>", "", "<1>", "", "<2>", "").Replace(text)
}

// said reviews a kitchen with a sentence at one of its places.
func said(t *testing.T, base, place, sentence string) review.Result {
	t.Helper()
	k, ok := kitchens[base]
	require.True(t, ok, base)
	w := written{ID: sentence, Text: k.with(place, sentence), Flags: strings.Fields(k.flags)}
	req, ok := w.asked(t)
	require.True(t, ok)
	return reviewer.Review(req)
}

// The kitchens are clear as they stand, or nothing below would mean anything.
func TestKitchensAreClear(t *testing.T) {
	for base := range kitchens {
		for _, place := range []string{"0", "1", "2"} {
			res := said(t, base, place, "My neighbour gave me the seeds.")
			assert.Equal(t, review.Clear, res.Verdict, "%s %s %v", base, place, res.Findings)
		}
	}
}

// held reads the rows of a file. A row is clear where it ought to be, or carries a "?", which must be true too: a row
// that was mended loses its mark. Of a long file a third is judged; the whole with -tags whole.
func held(t *testing.T, name string, judge func(row string) (clear, ought bool)) (rows, marks int) {
	t.Helper()
	data, err := os.ReadFile(filepath.Join("testdata", name))
	require.NoError(t, err)
	list := strings.Split(string(data), "\n")
	for _, row := range list {
		if row == "" || strings.HasPrefix(row, "#") {
			continue
		}
		row, mark := strings.CutPrefix(row, "?")
		if mark {
			marks++
		}
		if rows++; len(list) > 1000 && !sampled(rows, 3) {
			continue
		}
		clear, ought := judge(row)
		if mark {
			assert.NotEqual(t, ought, clear, "mended, take the mark off: %s", row)
			continue
		}
		assert.Equal(t, ought, clear, "%s", row)
	}
	return rows, marks
}

// marked runs the rows of a file, each a kitchen, a place and a sentence.
func marked(t *testing.T, name string, ought bool) (rows, marks int) {
	t.Helper()
	return held(t, name, func(row string) (bool, bool) {
		f := strings.SplitN(row, "|", 3)
		require.Len(t, f, 3, row)
		return said(t, f[0], f[1], f[2]).Verdict == review.Clear, ought
	})
}

// Hazards that an adversary wrote in plain words never leave a recipe clear.
func TestAdversary(t *testing.T) {
	t.Parallel()
	rows, marks := marked(t, "adversary/plain.txt", false)
	require.GreaterOrEqual(t, rows, 2700)
	require.LessOrEqual(t, marks, 35)
}

// Jars too full or half empty, dry, cracked, badly closed; and jars that did not seal or have
// spoiled. Their neighbours in order leave the recipe clear.
func TestJarsAndSeals(t *testing.T) {
	t.Parallel()
	rows, marks := marked(t, "jars/harm.txt", false)
	require.GreaterOrEqual(t, rows, 320)
	require.LessOrEqual(t, marks, 37)
	rows, marks = marked(t, "jars/sound.txt", true)
	require.GreaterOrEqual(t, rows, 79)
	require.LessOrEqual(t, marks, 16)
}

// Recipes of many voices that follow a tested procedure: how many are clear is a
// floor, to be raised.
func TestVoices(t *testing.T) {
	t.Parallel()
	files, err := filepath.Glob("testdata/voices/*.txt")
	require.NoError(t, err)
	require.GreaterOrEqual(t, len(files), 500)
	var clear, held []string
	for _, name := range files {
		if req, _ := asked(t, name); reviewer.Review(req).Verdict == review.Clear {
			clear = append(clear, name)
		} else {
			held = append(held, filepath.Base(name))
		}
	}
	t.Logf("%d of %d clear; held up: %v", len(clear), len(files), held)
	require.GreaterOrEqual(t, len(clear), 374)
}

// asked is the request of a file whose first line holds the flags, and its text.
func asked(t *testing.T, name string) (review.Request, string) {
	t.Helper()
	data, err := os.ReadFile(name)
	require.NoError(t, err)
	flags, text, _ := strings.Cut(string(data), "\n")
	w := written{ID: name, Text: text, Flags: strings.Fields(flags)}
	req, ok := w.asked(t)
	require.True(t, ok, name)
	return req, text
}

// A hazard is read wherever it stands: in a table, under a label, as a note, a comment, an answer, a
// correction, struck through, in a list that goes on below.
func TestHazardsInAnyLayout(t *testing.T) {
	t.Parallel()
	files, err := filepath.Glob("testdata/layout/*.txt")
	require.NoError(t, err)
	require.GreaterOrEqual(t, len(files), 50)
	for _, name := range files {
		req, _ := asked(t, name)
		require.NotEqual(t, review.Clear, reviewer.Review(req).Verdict, name)
	}
}

// What stands apart from the recipe is read all the same: behind what it fills, in what
// a heading is said by, above several recipes, below a rule, in a part's own list.
func TestNothingStandsApart(t *testing.T) {
	const method = "\n\nPack raw into hot pints, cover with boiling water, 1 inch headspace. Process pints 20 minutes at 11 pounds in a dial gauge pressure canner.\n"
	texts := map[string]string{
		"said by":  "Green beans\n\n9 lb green beans\nwater\n\nSnap the beans.\nMother says\nStir in a pint of cream." + method,
		"above":    "# Two of mine\n\nBoth get a lump of butter in every jar.\n\n## Green beans\n\n9 lb green beans\n2 tsp salt\n9 cups water" + method + "\n## Carrots\n\n9 lb carrots, peeled, sliced\n2 tsp salt\n9 cups water" + method,
		"the part": "Green beans\n\n9 lb green beans\n2 tsp salt\nwater\n\nSnap them. Pack raw into hot pints.\n\n----------\n\nThe sauce\n\n2 cups cream\n1 cup flour\n1 cup butter\n\nPour over the beans." + method,
	}
	for _, line := range []string{"21 lb green beans = 9 pints, and 1 lb butter", "9 lb green beans for 9 pints, plus 2 cups cream", "9 lb green beans makes 9 pints with a pound of bacon",
		"9 lb green beans for nine pints and a cup of cream", "9 lb green beans\nBacon or any pork", "9 lb green beans\n2 lb fish in the milk", "9 lb green beans\nsyrup 2 cups", "9 lb green beans\n2 cups lard, butter or orange peel",
		"9 lb green beans (breaded)", "9 lb green beans (Butter)", "9 lb green beans\ncan of cream of mushroom soup", "9 lb green beans\nfrom the cellar: cream"} {
		texts[line] = "Green beans\n\n" + line + "\nwater" + method
	}
	for name, text := range texts {
		d, err := recipe.Open("a.md", []byte(text))
		require.NoError(t, err)
		for i, part := range d.Texts {
			require.NotEqual(t, review.Clear, reviewText(t, part, 300, "dial").Verdict, "%s, part %d", name, i+1)
		}
	}
}

// Sentences that harm nothing leave a sound recipe clear. The marked ones are asked about;
// they are to become fewer.
func TestSoundSentences(t *testing.T) {
	t.Parallel()
	rows, marks := marked(t, "adversary/sound.txt", true)
	require.GreaterOrEqual(t, rows, 1000)
	require.LessOrEqual(t, marks*20, rows)
}
