package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// What is said not to be done counts for nothing where it would harm, said in any of the ways of
// saying so.
func TestRefrains(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for _, s := range []string{
		"Never blend it.", "Do not blend it.", "Don't blend it.", "I never blend it.", "We do not blend it.", "You must not blend it.", "Please do not blend it.",
		"It is a mistake to blend it.", "The book says never to blend it.", "The leaflet says not to blend it.", "I won't blend it, whatever my sister says.",
		"Never ever thicken it with flour.", "Don't stir in cream.", "Never add a cup of cream or butter.", "Do not put bacon in.", "Never force it through a sieve.",
	} {
		assert.Empty(t, unread(t, r, preparing, s), s)
		c := r.Read(s, preparing)
		assert.True(t, c[0].Absent(len(s)/2), "what it names is not there: %s", s)
	}
	for _, s := range []string{"Never run cold water over the lid.", "Do not pull the weight off early.", "Never open the lid while it still hisses."} {
		assert.Empty(t, unread(t, r, processed, s), s)
	}
}

// The denial of a step of safety, or of the acid, is asked about however it is said.
func TestSafetyDenied(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for s, at := range map[string]method.Where{
		"It is a mistake to soak the beans.":           preparing,
		"We do not peel them.":                         preparing,
		"It is a mistake to add lemon juice.":          preparing,
		"Never put vinegar in tomatoes.":               preparing,
		"We never bring it to full pressure.":          lidded,
		"Do not use the weight.":                       lidded,
		"Do not put the lids on.":                      lidded,
		"Do not let the water boil.":                   lidded,
		"Don't wait for the steam.":                    lidded,
		"Don't do them in the canner.":                 lidded,
		"I don't use new lids.":                        lidded,
		"I never check the seals.":                     processed,
		"Never throw out a jar that did not seal.":     processed,
		"Don't throw the mouldy ones away.":            processed,
		"Tighten the bands of those that did not seal": processed,
	} {
		assert.NotEmpty(t, unread(t, r, at, s), s)
	}
}

// A denial that is not whole leaves the thing in, or is at least asked about: of a manner, a
// moment, a measure; or taken back in the same breath, or in the next sentence.
func TestDeniedInPart(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for _, s := range []string{"Don't blend it to death, a few pulses will do.", "The book says never to blend it, but I do.", "They say not to thicken it, but we always have.", "Never puree more than half."} {
		assert.NotEmpty(t, unread(t, r, preparing, s), s)
	}
	after := preparing
	after.Refused = "refused"
	for _, s := range []string{"Spoon it in.", "I always do.", "Stir it in at the end."} {
		assert.NotEmpty(t, unread(t, r, after, s), "behind a denial: %s", s)
		assert.Empty(t, unread(t, r, preparing, s), "by itself: %s", s)
	}
}
