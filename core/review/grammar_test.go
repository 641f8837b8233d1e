package review_test

import (
	"fmt"
	"math/rand/v2"
	"os"
	"slices"
	"strings"
	"testing"

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

func TestZZ(t *testing.T) {
	g := grammarOf(t, "harm")
	var bases []string
	for b := range kitchens {
		bases = append(bases, b)
	}
	slices.Sort(bases)
	r := rand.New(rand.NewPCG(1, 2))
	n, missed := 0, map[string]int{}
	for range 30 {
		for _, base := range bases {
			for i := range g.Classes {
				c := &g.Classes[i]
				if !c.in(base) {
					continue
				}
				try := func(place, kind string, frames []string) {
					s := c.say(r, base, frames)
					n++
					if res := said(t, base, place, s); res.Verdict != review.Clear {
						missed[kind+" "+c.Name]++
						fmt.Printf("%s|%s|%s  #%s %s %v\n", base, place, s, kind, c.Name, res.Findings[0].Code)
					}
				}
				try(c.Place, "undone", g.Undone)
				if c.Name == "dairy" || c.Name == "fat" || c.Name == "meat" || c.Name == "thickener" {
					try("2", "served", g.Served)
				}
			}
		}
	}
	fmt.Println(n, missed)
}
