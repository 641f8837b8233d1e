package procedure_test

import (
	"fmt"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"damson/core/procedure"
)

func process(method, gauge, jar, pack string, minutes, psi int) procedure.Process {
	return procedure.Process{Method: method, Gauge: gauge, Jar: jar, Pack: pack, Minutes: minutes, PSI: psi, HeadspaceIn: 0.5}
}

// Crushed tomatoes at 300 ft, hot (USDA Complete Guide 2015, guide 3; from memory): the
// boiling water comes first, one row a jar; every other row is kept for whoever wants it.
func TestRecommend(t *testing.T) {
	list := []procedure.Process{
		process("steam", "", "pint", "hot", 35, 0),
		process("water-bath", "", "pint", "hot", 35, 0),
		process("water-bath", "", "quart", "hot", 45, 0),
		process("pressure", "dial", "pint", "hot", 20, 6),
		process("pressure", "dial", "pint", "hot", 15, 11),
		process("pressure", "weighted", "pint", "hot", 20, 5),
	}
	first, rest := procedure.Recommend(list)
	require.Equal(t, procedure.Ways(list[1:3]), first)
	require.Equal(t, procedure.Ways(append(list[:1:1], list[3:]...)), rest)

	first, rest = procedure.Recommend(list[3:])
	require.Len(t, first, 2, "one row a gauge, the first pounds")
	require.Equal(t, 6, first[0].PSI)
	require.Equal(t, 5, first[1].PSI)
	require.Equal(t, procedure.Ways(list[4:5]), rest)

	first, rest = procedure.Recommend(nil)
	require.Empty(t, first)
	require.Empty(t, rest)
}

// A jar that only the other pack has stands with the first.
func TestRecommendPacks(t *testing.T) {
	list := []procedure.Process{process("water-bath", "", "pint", "hot", 20, 0), process("water-bath", "", "pint", "raw", 25, 0), process("water-bath", "", "quart", "raw", 30, 0)}
	first, rest := procedure.Recommend(list)
	require.Len(t, first, 2)
	require.Equal(t, []string{"raw"}, first[1].Packs)
	require.Equal(t, 25, rest[0].Minutes)
}

func TestWays(t *testing.T) {
	acid := process("water-bath", "", "pint", "raw", 35, 0)
	acid.AcidPerJar = "1 Tbsp bottled lemon juice"
	list := []procedure.Process{
		process("water-bath", "", "pint", "hot", 35, 0), process("water-bath", "", "half-pint", "hot", 35, 0),
		process("water-bath", "", "pint", "raw", 35, 0), process("water-bath", "", "half-pint", "raw", 35, 0), acid,
	}
	ways := procedure.Ways(list)
	require.Len(t, ways, 2)
	require.Equal(t, []string{"pint", "half-pint"}, ways[0].Jars)
	require.Equal(t, []string{"hot", "raw"}, ways[0].Packs)
	require.Equal(t, acid.AcidPerJar, ways[1].AcidPerJar, "a dose of its own is a row of its own")
}

// Folding must not make a row that was never tested: pints raw and quarts hot are not
// pints hot. For any list, the rows that a fold tells are those of the list.
func TestWaysMakeNoRow(t *testing.T) {
	raw, hot := process("water-bath", "", "pint", "raw", 35, 0), process("water-bath", "", "quart", "hot", 35, 0)
	require.Len(t, procedure.Ways([]procedure.Process{raw, hot}), 2)

	rapid.Check(t, func(t *rapid.T) {
		list := rapid.SliceOfDistinct(rapid.Custom(func(t *rapid.T) procedure.Process {
			return process("water-bath", "", rapid.SampledFrom([]string{"half-pint", "pint", "quart"}).Draw(t, "jar"),
				rapid.SampledFrom([]string{"raw", "hot"}).Draw(t, "pack"), rapid.SampledFrom([]int{10, 15}).Draw(t, "minutes"), 0)
		}), func(p procedure.Process) string { return fmt.Sprint(p.Jar, p.Pack, p.Minutes) }).Draw(t, "list")
		have, told := map[string]bool{}, map[string]bool{}
		for _, p := range list {
			have[fmt.Sprint(p.Jar, p.Pack, p.Minutes)] = true
		}
		for _, w := range procedure.Ways(list) {
			for _, jar := range w.Jars {
				for _, pack := range w.Packs {
					told[fmt.Sprint(jar, pack, w.Minutes)] = true
				}
			}
		}
		require.Equal(t, have, told)
	})
}

func TestProcessInWords(t *testing.T) {
	require.Equal(t, "pressure canner, quarts, hot pack: 25 min at 13 psi, dial gauge", process("pressure", "dial", "quart", "hot", 25, 13).String())
	require.Equal(t, "water bath, pints, raw pack: 10 min", process("water-bath", "", "pint", "raw", 10, 0).String())
	acid := process("water-bath", "", "quart", "hot", 45, 0)
	acid.AcidPerJar = "2 Tbsp bottled lemon juice"
	other := acid
	other.Jar = "pint"
	require.Equal(t, "water bath, quarts or pints, hot pack: 45 min; headspace ½ in; in each jar 2 Tbsp bottled lemon juice", procedure.Ways([]procedure.Process{acid, other})[0].String())
}
