package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// reads is what a sentence has to come to: acts that are done, acts that are not, and
// whether some part of it is asked about. The sentences are made up.
type reads struct {
	says         string
	done, undone []string
	asked        bool
}

func (w reads) check(t *testing.T, r *method.Reader, at method.Where) {
	t.Helper()
	done, undone, asked := map[string]bool{}, map[string]bool{}, false
	for _, c := range r.Read(w.says, at) {
		asked = asked || c.Kind == method.Unread
		for _, a := range c.Acts {
			if a.Undone {
				undone[a.Name] = true
			} else {
				done[a.Name] = true
			}
		}
	}
	for _, a := range w.done {
		assert.True(t, done[a], "%s: %s is not done", w.says, a)
	}
	for _, a := range w.undone {
		assert.True(t, undone[a], "%s: %s is not said to be left undone", w.says, a)
		assert.False(t, done[a], "%s: %s is done", w.says, a)
	}
	assert.Equal(t, w.asked, asked, "%s: asked about", w.says)
}

func reader(t *testing.T) *method.Reader {
	t.Helper()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	return method.NewReader(lib.Foods, lib.Language)
}

var (
	atPot  = method.Where{Stage: method.Stage{Method: true}}
	atJar  = method.Where{Stage: method.Stage{Method: true, Filled: true}}
	atLid  = method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true}}
	atRest = method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true, Done: true}}
)

// What a manner is likened to is no act of its own; how much, how long and how thick are
// no manner.
func TestManner(t *testing.T) {
	r := reader(t)
	for _, w := range []reads{
		{says: "Pack the peaches in the jars as close as you can get them.", done: []string{"pack"}},
		{says: "Pack them in the jars as close as you can without crushing them.", done: []string{"pack"}, undone: []string{"crush"}},
		{says: "Stir the peaches without breaking them up.", done: []string{"mix"}},
		{says: "Cook it as thick as you can get it.", asked: true},
	} {
		w.check(t, r, atPot)
	}
	reads{says: "Boil them as long as you can stand the heat.", asked: true}.check(t, r, atLid)
}

// A denial is of the second verb too, and of what only the second names.
func TestSharedDenial(t *testing.T) {
	r := reader(t)
	for _, w := range []reads{
		{says: "Don't mash or puree them.", undone: []string{"puree"}},
		{says: "Don't trim or drain it.", asked: true},
		{says: "No need to boil or soak them.", asked: true},
		{says: "Do not vent or wait.", asked: true},
		{says: "Do not strain or mash it, put it through the blender.", done: []string{"puree"}, asked: true},
	} {
		w.check(t, r, atPot)
	}
}

// "Let" may leave out what is let.
func TestLet(t *testing.T) {
	r := reader(t)
	for _, w := range []reads{
		{says: "Cover with water and let sit overnight.", done: []string{"cover-with-liquid"}},
		{says: "Pour over the cucumbers and let stand 12 hours."},
	} {
		w.check(t, r, atPot)
	}
	reads{says: "Let cool under the tap.", asked: true}.check(t, r, atLid)
}

// Whatever has holes makes a puree of what is put through it.
func TestMilled(t *testing.T) {
	r := reader(t)
	for _, s := range []string{"Put through the passatutto.", "Run it through the gizmo.", "Feed the lot through the contraption."} {
		puree := false
		for _, c := range r.Read(s, atPot) {
			for _, a := range c.Acts {
				puree = puree || a.Name == "puree"
			}
			puree = puree || c.Kind == method.Unread && c.Code == "puree"
		}
		assert.True(t, puree, s)
	}
}

// The clock starts at the boil or at pressure, wherever else it is said to start.
func TestCountedFrom(t *testing.T) {
	r := reader(t)
	for says, asked := range map[string]bool{
		"75 minutes, from when it rocks steadily.":               false,
		"15 minutes boiling, from when the boil comes back.":     false,
		"75 minutes from when the gauge says 10 pounds.":         false,
		"75 minutes, from when you light the gas.":               true,
		"75 minutes from when the weight goes on.":               true,
		"Count the 75 minutes from when the lid goes on.":        true,
		"Process for never less than 20 minutes at 10 pounds.":   false,
		"Process pints no less than 20 minutes at 10 pounds.":    false,
		"Process for less than 20 minutes at 10 pounds.":         true,
		"75 minutes, or 50 if you are in a hurry.":               true,
		"Knock off ten minutes.":                                 true,
		"Shave off a few minutes.":                               true,
		"It's twenty minutes for pints.":                         false,
		"It's twenty minutes or thereabouts, less for the pints": true,
	} {
		reads{says: says, asked: asked}.check(t, r, atLid)
	}
}

// After the process the lid stays until it is time.
func TestOpenedTooSoon(t *testing.T) {
	r := reader(t)
	for says, asked := range map[string]bool{
		"Take off the lid at once.":                              true,
		"Take away the weight and let it blow.":                  true,
		"No natural release, open it up.":                        true,
		"Natural release.":                                       false,
		"Take off the lid away from you when ten minutes are up": false,
		"Do not take off the lid at once.":                       false,
	} {
		reads{says: says, asked: asked}.check(t, r, atRest)
	}
}

// A most that is less than tested, of what keeps the food.
func TestCapped(t *testing.T) {
	r := reader(t)
	for says, code := range map[string]string{
		"Never more than 2 cups of sugar.":         "sugar-change",
		"Sugar never over three cups.":             "sugar-change",
		"Never more than a teaspoon of the lemon.": "acid-short",
		"No more than 1 tsp vinegar in each.":      "acid-short",
		"Never more than a teaspoon of salt.":      "",
	} {
		got := ""
		for _, c := range r.Read(says, atPot) {
			if c.Kind == method.Unread {
				got = c.Doubt
			}
		}
		assert.Equal(t, code, got, says)
	}
}

// Jars that are given away, time that somebody keeps, what is left at the strainer.
func TestBeside(t *testing.T) {
	r := reader(t)
	for _, w := range []reads{
		{says: "I gave a jar to my mailman."},
		{says: "I time it."},
	} {
		w.check(t, r, atRest)
	}
	for _, w := range []reads{
		{says: "Fish oil ruins a seal."},
		{says: "She takes the air away with a spoon of oil.", asked: true},
		{says: "Chase out the bubbles with a knife.", done: []string{"de-bubble"}},
	} {
		w.check(t, r, atJar)
	}
	for _, w := range []reads{
		{says: "Spoon what is left in the strainer into jars.", asked: true},
		{says: "Boiling water over them up to that same inch.", done: []string{"cover-with-liquid"}},
		{says: "I do pints.", done: []string{"choose-jar"}},
		{says: "10 min exhaust.", done: []string{"vent"}},
	} {
		w.check(t, r, atPot)
	}
}
