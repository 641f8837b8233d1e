package method_test

import (
	"slices"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
)

// doubted returns the doubts of a sentence, finer than the codes they are asked about under.
func doubted(r *method.Reader, at method.Where, sentence string) []string {
	var out []string
	for _, c := range r.Read(sentence, at) {
		if c.Kind == method.Unread {
			out = append(out, c.Doubt)
		}
	}
	return out
}

// sentences are what stands at a place with the doubt that it must raise, and neighbours
// that must not raise it.
type sentences struct {
	at       method.Where
	doubt    string
	raise    []string
	harmless []string
}

func (s sentences) check(t *testing.T, r *method.Reader, name string) {
	t.Helper()
	for _, text := range s.raise {
		assert.Contains(t, doubted(r, s.at, text), s.doubt, "%s: %s", name, text)
	}
	for _, text := range s.harmless {
		assert.NotContains(t, doubted(r, s.at, text), s.doubt, "%s: %s", name, text)
	}
}

// A step of safety that is denied, by the step.
func TestStepsDenied(t *testing.T) {
	r := reader(t)
	for name, s := range map[string]sentences{
		"vent": {lidded, "vent",
			[]string{"I no longer vent it.", "Venting is for fools.", "Nobody has time to vent it.", "Never let the canner vent.", "Forget venting.", "We stopped venting years ago."},
			[]string{"Vent it ten minutes.", "I would never skip the venting.", "My neighbour no longer vents hers."}},
		"cooling": {processed, "cooling",
			[]string{"Do not wait for zero.", "Never let the pressure drop by itself.", "I no longer wait for zero.", "Waiting is a waste."},
			[]string{"Wait for zero.", "Do not open it before zero.", "Never lift the weight until it reads zero."}},
		"peel": {preparing, "unpeeled-root",
			[]string{"I no longer peel the pears.", "Peel them never.", "Peeling is overrated.", "There is no time for peeling."},
			[]string{"Peel the pears.", "Peel them thinly."}},
		"soak": {preparing, "dry-legume-unsoaked",
			[]string{"I no longer soak the beans.", "Soaking is for worriers.", "There is no time to soak.", "Life is too short to soak beans."},
			[]string{"Soak the beans overnight.", "Soak them, then drain."}},
		"acid": {preparing, "no-acid-added",
			[]string{"I no longer add the lemon juice.", "Adding lemon juice is for fools.", "Nobody has time to measure the vinegar."},
			[]string{"Add the lemon juice.", "Never forget to add the vinegar."}},
	} {
		s.check(t, r, name)
	}
}

// A step of safety that is left to liking, to the day or to chance.
func TestStepsLeftToLiking(t *testing.T) {
	r := reader(t)
	for name, s := range map[string]sentences{
		"mood": {preparing, "unpeeled-root",
			[]string{"Peel the pears if you have time.", "If you are nervous, peel the pears.", "Peel them unless you are in a hurry.", "Peel the pears when company comes."},
			[]string{"Peel the pears when they are cool.", "Once the pears are blanched, peel them.", "If the pears are ripe, peel them at once."}},
		"now and then": {lidded, "vent",
			[]string{"I rarely vent it.", "Vent it sometimes.", "I vent it on Sundays.", "Vent the canner every other time."},
			[]string{"Vent it every time.", "Always vent it."}},
		"by half": {lidded, "vent",
			[]string{"Barely vent it.", "Nearly vent the canner.", "Vent the canner a bit."},
			[]string{"Vent it fully."}},
		"may": {preparing, "dry-legume-unsoaked",
			[]string{"You could soak the beans.", "We might soak them.", "Soak the beans, or don't.", "Soak them, if at all.", "Some people soak the beans."},
			[]string{"You must soak the beans.", "Soak the beans; otherwise boil them two minutes and let them stand an hour."}},
	} {
		s.check(t, r, name)
	}
}

// A question about a step is answered in the same breath, or in the next sentence.
func TestStepsAskedAndAnswered(t *testing.T) {
	r := reader(t)
	asked := func(question string) string {
		list := r.Read(question, lidded)
		return list[len(list)-1].Asked
	}
	require.Equal(t, "vent", asked("Vent the canner?"))
	require.Equal(t, "vent", asked("The book says to vent the canner."))
	require.Empty(t, asked("Can I skip the venting?"))
	require.Empty(t, asked("Vent the canner."))
	at := lidded
	at.Asked = "vent"
	for _, no := range []string{"No.", "Not me.", "Never.", "I never do.", "If you like.", "I pass.", "Not in this house."} {
		assert.Contains(t, doubted(r, at, no), "vent", no)
		assert.NotContains(t, doubted(r, lidded, no), "vent", "without the question: %s", no)
	}
	for _, yes := range []string{"Yes.", "Always.", "Ten minutes.", "Of course we do."} {
		assert.NotContains(t, doubted(r, at, yes), "vent", yes)
	}
}

// What a denial behind a verb leaves standing.
func TestDenialBehindTheVerb(t *testing.T) {
	r := reader(t)
	done := func(sentence, act string) bool {
		return slices.ContainsFunc(r.Read(sentence, preparing), func(c method.Clause) bool {
			return slices.ContainsFunc(c.Acts, func(a method.Act) bool { return a.Name == act && !a.Undone })
		})
	}
	for _, s := range []string{"Puree it.", "Puree the soup, no lumps.", "Puree the soup without stirring.", "Puree it, not too fine.", "Puree the soup, and none the worse for it."} {
		assert.True(t, done(s, "puree"), s)
	}
	for _, s := range []string{"Do not puree it.", "Never puree the soup.", "I don't puree it."} {
		assert.False(t, done(s, "puree"), s)
	}
	assert.False(t, done("Boil them without peeling.", "peel"))
	assert.True(t, done("Boil them without peeling.", "boil"))
}

// Water that the food keeps.
func TestWaters(t *testing.T) {
	r := reader(t)
	for want, list := range map[method.Watering][]string{
		method.Weakens: {"Thin it with water.", "Add another cup of water.", "Top the brine up with water if it runs short.", "The salsa gets thinned.", "Splash in some water when it gets dry.", "Water the vinegar down."},
		method.Stays:   {"Add some water.", "Stir in a cup of water.", "Cook everything in water.", "Pour water over the lot."},
		method.NoWater: {"Rinse the peppers in water.", "Dip the tomatoes in boiling water and slip the skins.", "Put water in the canner.", "Never add water.", "Bring a pot of water to a boil.", "Soak the beans in water, then drain.", "Slice the onions thin."},
	} {
		for _, s := range list {
			got := method.NoWater
			for _, c := range r.Read(s, preparing) {
				if w := c.Waters(); w != method.NoWater {
					got = w
				}
			}
			assert.Equal(t, want, got, s)
		}
	}
}

// Acts that no procedure asks for as they are told, by code.
func TestUnlicensed(t *testing.T) {
	r := reader(t)
	for name, s := range map[string]sentences{
		"sours":   {preparing, "ferments", []string{"Six weeks in the crock at 65 or so.", "Let it ferment three days.", "The salsa is fermented.", "Start it with whey, let it work a week."}, []string{"My mother fermented hers.", "Do not ferment it."}},
		"frozen":  {preparing, "pack-style", []string{"No need to thaw the meat.", "I never thaw it.", "Pack it before it thaws."}, []string{"Thaw the meat in the fridge.", "Never thaw it on the counter."}},
		"lids":    {filled, "lid", []string{"Use the lids of last year.", "The flats from last season have another go in them.", "Use my lids again."}, []string{"Use new lids.", "Use last year's rings again."}},
		"jars":    {preparing, "jar-type", []string{"I reuse the jars the bought sauce came in.", "Any jar that jam came in will do."}, []string{"Use pint jars."}},
		"lying":   {lidded, "method-mismatch", []string{"Lay the jars on their sides in the canner.", "Stack them sideways in the canner."}, []string{"Stand the jars upright.", "Never lay the jars on their sides."}},
		"without": {lidded, "lid", []string{"Close the jars without bands.", "Put the jars up, no lids."}, []string{"Take the bands off when they are cold."}},
		"dry":     {lidded, "canner-water", []string{"Run the canner without water.", "Set the jars in the canner, no water."}, []string{"No water gets in past the lids."}},
		"halved":  {preparing, "acid-short", []string{"The vinegar wants halving.", "Halving the lemon juice is fine.", "The vinegar, halved."}, []string{"Halve the peaches.", "The pears, halved."}},
		"omitted": {preparing, "no-acid-added", []string{"The lemon juice gets omitted.", "The vinegar should be skipped."}, []string{"Never forget the lemon juice."}},
		"coated":  {preparing, "thickener", []string{"After flouring the meat, carry on.", "The meat gets breaded."}, []string{"Flour sacks make good towels."}},
	} {
		s.check(t, r, name)
	}
}

// The process is believed only where every word of it belongs to one.
func TestProcessWithABut(t *testing.T) {
	r := reader(t)
	sentences{lidded, "process-short",
		[]string{"Process 15 minutes in hot tap water.", "Process up to 15 minutes.", "Process no more than 15 minutes.", "Process almost 15 minutes.", "Process 15 minutes on low.", "Process 15 Minutes On Low.", "Process 15 minutes, or 10 if pressed.",
			"Process 20 minutes at 11 lb or so.", "Process 20 minutes below 11 lb.", "Process 15 minutes with the heat off.", "Process 15 minutes minus the five it took to boil.", "Process 15 minutes, including heating up.", "Boil 15 minutes, adding cold water as it boils away.", "Process 20 minutes at 11 lb; if it drops, carry on."},
		[]string{"Process 15 minutes.", "Process pints 15 minutes in a boiling water canner.", "Process at least 15 minutes.", "Process 20 minutes at 10 pounds, never more than 15 pounds.", "Cook 20 min under 10 lb pressure.", "Sterilise the filled jars 20 minutes in boiling water.", "Process 15 minutes, start timing when it returns to a boil.", "Process 20 minutes at no less than 11 lb."}}.check(t, r, "process")
	sentences{lidded, "pressure-low", []string{"Process 20 minutes with the weight off."}, []string{"Process 20 minutes with the weight on."}}.check(t, r, "weight")
}
