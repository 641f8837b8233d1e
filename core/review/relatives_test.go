package review_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/review"
	"damson/knowledge"
)

const pumpkinButter = "Pumpkin butter\n\n4 lb pumpkin, cooked and mashed\n2 cups brown sugar\n1 tsp cinnamon\n\nCook until thick. Fill half-pints and process 10 minutes."

// What cannot be canned is shown the tested recipe near it, with that recipe's own time.
func TestRelatives(t *testing.T) {
	res := reviewText(t, pumpkinButter, 5240, "dial")
	require.Equal(t, review.Stop, res.Verdict)
	require.Empty(t, res.Methods, "a relative's process is none of the mixture's")
	require.Len(t, res.Relatives, 1)
	r := res.Relatives[0]
	require.Equal(t, "pumpkin-cubes", r.Procedure.ID)
	require.Equal(t, []int{4}, r.LinesOut, "the sugar would go")
	lib, err := knowledge.Load()
	require.NoError(t, err)
	p := lib.Procedures.ByID("pumpkin-cubes")
	own, err := p.Find(5240, procedure.Filter{Gauge: "dial"})
	require.NoError(t, err)
	require.Contains(t, own, r.Process)
}

// Nothing is offered beside a recipe that has a process, nor what shares no main food.
func TestNoRelatives(t *testing.T) {
	require.Empty(t, reviewText(t, "Green beans\n\n4 lb green beans\nwater\n\nPack raw in pints with boiling water, 1 inch headspace. Process 20 minutes at 11 pounds in a dial gauge pressure canner.", 300, "dial").Relatives)
	for _, text := range []string{
		"Basil pesto\n\n4 cups basil\n1 cup olive oil\n6 cloves garlic\n\nBlend. Fill half-pints.",
		"Banana jam\n\n4 lb bananas\n4 cups sugar\n1/2 cup lemon juice\n\nCook until thick. Fill half-pints and process 10 minutes.",
		"Pickled eggs\n\n12 eggs, hard-boiled\n2 cups vinegar\n1 onion\n\nPour the hot vinegar over and process 10 minutes.",
		"A list of nothing\n\n1 cup brannet\n",
	} {
		res := reviewText(t, text, 300, "dial")
		require.NotEqual(t, review.Clear, res.Verdict)
		require.Empty(t, res.Relatives, text)
	}
}

// Wherever relatives are shown there are at most three, each with a tested time of its own,
// and the mixture still has none.
func TestRelativesAreOthers(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	shown := 0
	for name, text := range map[string]string{
		"mushrooms": "Marinated buttons\n\n5 lb button mushrooms\n2 cups olive oil\n1 cup white wine\n6 cloves garlic\n\nCook, jar, and process pints 20 minutes in a boiling water bath.",
		"zucchini":  "Plain zucchini\n\n6 lb zucchini, sliced\n2 tsp salt\nwater\n\nPack raw in pints with boiling water. Process 30 minutes at 11 pounds in a dial gauge pressure canner.",
		"yams":      "Mashed sweet potatoes\n\n8 lb sweet potatoes, cooked and mashed\n1/2 cup butter\n\nFill pints and process 90 minutes at 11 pounds in a dial gauge pressure canner.",
	} {
		res := reviewText(t, text, 300, "dial")
		if res.Verdict == review.Clear || res.Verdict == review.Change {
			continue
		}
		require.Empty(t, res.Methods, name)
		require.LessOrEqual(t, len(res.Relatives), 3, name)
		for _, r := range res.Relatives {
			shown++
			require.Positive(t, r.Process.Minutes, name)
			require.NotNil(t, lib.Procedures.ByID(r.Procedure.ID), name)
		}
	}
	require.Positive(t, shown)
}

// One count: the things of the sentence are those that can be taken, questions apart.
func TestThings(t *testing.T) {
	res := reviewText(t, "Green beans\n\n4 lb green beans\n1 cup cream\n2 tbsp butter\n1 tbsp flour\nwater\n\nPack raw in pints with boiling water, 1 inch headspace. Process 20 minutes at 11 pounds in a dial gauge pressure canner.", 300, "dial")
	require.Equal(t, review.Change, res.Verdict)
	things := res.Things()
	require.Len(t, things, 3)
	require.Contains(t, res.Sentence, "Three things stand between")
	for _, x := range things {
		require.True(t, x.Mendable, x.Do)
		require.NotEmpty(t, x.Keys)
	}
	seen := map[string]bool{}
	for _, f := range res.Findings {
		key := f.Code + f.Do + f.Message
		if f.Line != nil && f.Severity == review.Note {
			require.False(t, seen[key+string(rune(*f.Line))], "said twice of one line: %s", f.Do)
			seen[key+string(rune(*f.Line))] = true
		}
	}
}

// A relative's process is told with the acid that makes it safe.
func TestRelativesHaveTheirAcid(t *testing.T) {
	res := reviewText(t, "Tomato and mango relish\n\n10 lb tomatoes, peeled\n1 cup mango\n1 cup cream cheese\n\nFill quarts, process 20 minutes in a water bath.", 300, "dial")
	require.NotEmpty(t, res.Relatives)
	require.Contains(t, res.Relatives[0].Procedure.ID, "tomato")
	require.Contains(t, res.Relatives[0].Process.AcidPerJar, "2 Tbsp bottled lemon juice")
}

// The dose is told for the jar asked for: a quart has twice the pint's; a jar that the procedure
// has no row for has the pint's, as its process says; crab has rows of half-pints, with half.
// USDA Complete Guide 2015, guides 3 and 5, from memory.
func TestDoseForTheJar(t *testing.T) {
	const tomatoes = "Whole tomatoes\n\n21 lb tomatoes, peeled\nboiling water\n\nPack raw, cover with boiling water. Process 45 minutes in a boiling water bath."
	const crab = "Crab meat\n\n5 lb crab meat\nboiling water\n\nPack the meat in jars, cover with boiling water. Process 80 minutes at 11 pounds in a dial gauge pressure canner."
	for _, x := range []struct{ text, jar, dose string }{
		{tomatoes, "quart", "Add 2 Tbsp bottled lemon juice to each quart"},
		{tomatoes, "pint", "Add 1 Tbsp bottled lemon juice to each pint"},
		{tomatoes, "half-pint", "Add 1 Tbsp bottled lemon juice to each pint"},
		{crab, "half-pint", "Add 2 Tbsp bottled lemon juice to each half-pint"},
	} {
		w := written{ID: x.jar, Text: x.text, Flags: []string{"--elevation", "300ft", "--gauge", "dial", "--jar", x.jar}}
		req, ok := w.asked(t)
		require.True(t, ok)
		res := reviewer.Review(req)
		said := ""
		for _, f := range res.Findings {
			said += f.Do + " " + f.Remedy + "\n"
		}
		require.Contains(t, said, x.dose, x.jar)
		for _, p := range append(res.Methods, res.After...) {
			require.NotEmpty(t, p.AcidPerJar, x.jar)
		}
	}
}
