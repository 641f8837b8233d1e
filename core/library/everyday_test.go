package library_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/library"
)

// TestEverydayWords: a hundred words that people type, and what must come first: a rule, a debated
// point, a procedure or a product. Pages are the house's own; see web.
func TestEverydayWords(t *testing.T) {
	t.Parallel()
	x := library.NewIndex(shipped(t), nil)
	n := 0
	for _, line := range strings.Split(strings.TrimSpace(`
dial gauge: E07
weighted gauge: E07
gauge test: E07
label: Q01
labels: Q01
failed seal: L12
did not seal: L12
lid pops: L12
seal check: L11
sterilise: L06
sterilize jars: L06
sterilising: L06
how much water: E17
water level: E17
high acid: G01
low acid: G01
iodised salt: P09
iodized salt: P09
table salt: P09
which salt: P09
salt free: P08
venison: M14
elk: M14
thermal shock: K10
broken jar: K10
jars broke: K10
glass top: E17
induction: E17
burner: E17
headspace: K07
headroom: K07
altitude: E05
elevation: E05
reuse lids: L01
lids: L09
reusable lids: L02
zinc caps: L05
fingertip tight: L07
retighten: L08
rings off: L14
botulism: G01
siphoning: L10
liquid loss: L10
cloudy brine: Q08
floating fruit: Q08
mould: Q04
mold: Q04
mould on jam: Q04
bulging lid: Q04
throw away: Q05
jam did not set: J02
runny jam: J02
sugar free: J04
stevia: J04
fresh lemon juice: C01
vinegar strength: C03
homemade vinegar: C03
browning: C11
venting: E08
how long to vent: E08
power cut: E09
pressure dropped: E09
boiled dry: E10
quick release: E11
multi cooker: E15
electric canner: E15
pressure saucepan: E16
oven canning: E14
upside down: E14
dishwasher: E14
paraffin: E14
vacuum sealer: G15
double batch: J05
halve the recipe: G12
bubbles: K08
rim: K11
gallon jar: K01
half gallon: K01
smaller jar: K03
mixed load: K09
pantry: Q01
shelf life: Q02
how long does it keep: Q02
expired: Q02
jars froze: Q03
before tasting: Q06
after opening: Q07
reprocess: L12
pH strips: H02
pH under 4.6: H01
15 pounds instead: E04
too long: E02
grandmother's recipe: G04
old recipe: G04
cottage food: H05
selling: H05
hard water: S11
from frozen: V19
pie starch: T10
gravy: T08
unpeeled: V10
change the salsa: P01
dried herbs: P05
fresh basil: P06
hotter peppers: P02
brandy: S04
dilly beans: dilled-beans
green beans: snap-beans
pesto: no-pesto
white peaches: no-white-peaches
`), "\n") {
		q, want, _ := strings.Cut(line, ": ")
		hits := x.Find(q, 3)
		require.NotEmpty(t, hits, q)
		require.Equal(t, want, hits[0].ID, "%s: %v", q, hits)
		n++
	}
	require.GreaterOrEqual(t, n, 100)
	require.Empty(t, x.Find("carburettor", 3))
}
