package review_test

import (
	"maps"
	"math/rand/v2"
	"os"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"go.yaml.in/yaml/v3"

	"damson/core/review"
)

// grammar makes sentences: an act with an amount and an object, said in a frame.
type grammar struct {
	Frames, Early, Undone, Served []string
	Classes                       []class
}

// class is one kind of sentence; Bases are the kitchens where it holds, all but Not where
// none is named. Fill says what stands for {acid} in a kitchen.
type class struct {
	Name, Place            string
	Bases, Not             []string
	Acts, Amounts, Objects []string
	Fill                   map[string]string
}

func grammarOf(t testing.TB, name string) grammar {
	t.Helper()
	data, err := os.ReadFile("testdata/grammar/" + name + ".yaml")
	require.NoError(t, err)
	var g grammar
	require.NoError(t, yaml.Unmarshal(data, &g))
	return g
}

// in reports whether the class holds in the kitchen.
func (c *class) in(base string) bool {
	if len(c.Bases) > 0 {
		return slices.Contains(c.Bases, base)
	}
	return !slices.Contains(c.Not, base)
}

// say makes a sentence of the class for the kitchen.
func (c *class) say(r *rand.Rand, base string, frames []string) string {
	one := func(list []string) string {
		if len(list) == 0 {
			return ""
		}
		return list[r.IntN(len(list))]
	}
	act := strings.Join(strings.Fields(one(c.Acts)+" "+one(c.Amounts)+" "+one(c.Objects)), " ")
	act = strings.ReplaceAll(act, "{acid}", c.Fill[base])
	s := strings.ReplaceAll(one(frames), "%s", act)
	return strings.ReplaceAll(s, "%S", strings.ToUpper(act[:1])+act[1:])
}

// sampled calls do with sentences of every class in every kitchen, rounds times.
func (g *grammar) sampled(seed uint64, do func(r *rand.Rand, base string, c *class)) {
	r := rand.New(rand.NewPCG(seed, 2015))
	bases := slices.Sorted(maps.Keys(kitchens))
	for range rounds {
		for _, base := range bases {
			for i := range g.Classes {
				if c := &g.Classes[i]; c.in(base) {
					do(r, base, c)
				}
			}
		}
	}
}

// Hazards said in one of many ways never leave a recipe clear: some at random here, fifty
// thousand by make adversary.
func TestHazardsByGrammar(t *testing.T) {
	t.Parallel()
	g := grammarOf(t, "harm")
	n := 0
	g.sampled(1, func(r *rand.Rand, base string, c *class) {
		frames := g.Frames
		if c.Place == "0" {
			frames = slices.Concat(g.Frames, g.Early)
		}
		s := c.say(r, base, frames)
		n++
		assert.NotEqual(t, review.Clear, said(t, base, c.Place, s).Verdict, "%s|%s|%s (%s)", base, c.Place, s, c.Name)
	})
	t.Logf("%d sentences", n)
}

// The same acts at the table, or said not to be done, are mostly let through; what is not is
// asked about. The shares are floors, to be raised.
func TestHazardsThatAreNotDone(t *testing.T) {
	t.Parallel()
	g := grammarOf(t, "harm")
	n, clear := map[string]int{}, map[string]int{}
	count := func(kind, base, place, s string) {
		n[kind]++
		if said(t, base, place, s).Verdict == review.Clear {
			clear[kind]++
		}
	}
	g.sampled(2, func(r *rand.Rand, base string, c *class) {
		count("undone", base, c.Place, c.say(r, base, g.Undone))
		if c.Place == "0" && len(c.Objects) > 0 && c.Name != "other" {
			count("served", base, "2", c.say(r, base, g.Served))
		}
	})
	t.Logf("clear: %d of %d undone, %d of %d served", clear["undone"], n["undone"], clear["served"], n["served"])
	require.Greater(t, float64(clear["served"])/float64(n["served"]), 0.97)
	require.Greater(t, float64(clear["undone"])/float64(n["undone"]), 0.65)
}

// Denials that leave the thing in: of a manner, a moment, a measure, or taken back.
func TestDenialsThatDenyNothing(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/grammar/denials.txt")
	require.NoError(t, err)
	n := 0
	for _, row := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		f := strings.SplitN(row, "|", 3)
		require.Len(t, f, 3, row)
		assert.NotEqual(t, review.Clear, said(t, f[0], f[1], f[2]).Verdict, row)
		n++
	}
	require.GreaterOrEqual(t, n, 90)
}
