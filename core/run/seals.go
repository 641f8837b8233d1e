package run

import (
	"fmt"
	"slices"
	"time"

	"damson/core/elevation"
)

// TestAfter is how long jars stand untouched before their seals are tested: 12 to 24 hours
// (USDA Complete Guide 2015, guide 1, Testing Jar Seals, from memory).
const TestAfter = 12 * time.Hour

// Went is what becomes of a jar that did not seal.
type Went struct{ Key, Words string }

// Reprocessed is the key of jars that have the whole process once more.
const Reprocessed = "again"

// Wents are all that can become of them (USDA Complete Guide 2015, guide 1, Reprocessing Unsealed
// Jars, from memory).
var Wents = []Went{
	{"refrigerator", "into the refrigerator, eaten within days"},
	{"freezer", "into the freezer, with 1½ inches of room"},
	{Reprocessed, "the whole process again within 24 hours, with new lids"},
	{"thrown out", "thrown out"},
}

// Seals are what the test of the seals of a load found.
type Seals struct {
	Sealed, Unsealed int
	// Went is the key of what becomes of the unsealed.
	Went string
}

// Check says why the jars of a load, whose state at now is s and which was judged, do not go on the
// shelf so; nil where they do.
func (t Seals) Check(s State, j Judgement, now time.Time) error {
	again := s.HeatOff.Add(Again)
	switch {
	case s.Phase != Out:
		return fmt.Errorf("these jars are not out of a canner yet")
	case j.Verdict != AsTested:
		return fmt.Errorf("this load was not processed as tested: its jars do not go on the shelf, sealed or not")
	case !j.Shelf:
		return fmt.Errorf("these jars are kept in the refrigerator: they stood too long in the warm canner")
	case now.Before(s.OutAt.Add(TestAfter)):
		due := s.OutAt.Add(TestAfter).In(now.Location())
		return fmt.Errorf("the jars are still cooling: test them from %s on", due.Format("Monday 15:04"))
	case t.Sealed < 0 || t.Unsealed < 0 || t.Sealed+t.Unsealed != s.Whole:
		return fmt.Errorf("%d jars came out whole; %d sealed and %d unsealed make %d: count again",
			s.Whole, t.Sealed, t.Unsealed, t.Sealed+t.Unsealed)
	case t.Unsealed > 0 && !slices.ContainsFunc(Wents, func(w Went) bool { return w.Key == t.Went }):
		return fmt.Errorf("what becomes of the unsealed ones? Choose")
	case t.Unsealed > 0 && t.Went == Reprocessed && !now.Before(again):
		return fmt.Errorf("more than 24 hours have gone by since the heat went off: it is too late for another process")
	}
	return nil
}

// BoilFirst is how many minutes the food of this load is boiled, at feet, before anybody tastes it;
// 0 where it need not be: what is acid, or sour enough for a bath.
func (l *Load) BoilFirst(feet int) int {
	if l.Class == "acid" || !l.pressure() {
		return 0
	}
	return elevation.BoilMinutes(feet)
}
