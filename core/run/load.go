package run

import (
	"fmt"
	"time"

	"damson/core/procedure"
)

// Load is what a run was started with. It never changes while the run lasts.
type Load struct {
	// Method is that of the process: procedure.Pressure, WaterBath or Steam.
	Method string
	// Minutes is the tested process time.
	Minutes int
	// PSI is the tested gauge pressure in pounds per square inch, 0 without pressure.
	PSI int
	// Gauge is the one that governs, "dial" or "weighted"; Hold is the reading of a dial that
	// stands for PSI once its error is taken off.
	Gauge string
	Hold  float64
	// Vent is how many minutes steam flows before the weight goes on.
	Vent int
	// Class is the procedure's: "acid", "acidified" or "low-acid".
	Class string
	// BoilF is where water boils in this kitchen, in °F.
	BoilF float64
	Jars  int
}

// least is the shortest vent that counts, in minutes.
const least = 10

// Check returns what is wrong with the load, as an error in words.
func (l *Load) Check() error {
	switch {
	case l.Method != procedure.Pressure && l.Method != procedure.WaterBath && l.Method != procedure.Steam:
		return fmt.Errorf("there is no canner for the method %q", l.Method)
	case l.Minutes < 1:
		return fmt.Errorf("a process of %d minutes is none", l.Minutes)
	case l.Jars < 1:
		return fmt.Errorf("a load has at least one jar")
	case l.Method == procedure.Steam && l.Minutes > procedure.SteamLimit:
		return fmt.Errorf("a steam canner boils dry after %d minutes, and this takes %d", procedure.SteamLimit, l.Minutes)
	case l.lowAcid() && l.Method != procedure.Pressure:
		return fmt.Errorf("low-acid food is never processed in boiling water or steam")
	case l.Method != procedure.Pressure:
		return nil
	case l.PSI < 1:
		return fmt.Errorf("a process under pressure has a pressure")
	case l.Gauge != dial && l.Gauge != weighted:
		return fmt.Errorf("the gauge is a dial or a weight")
	case l.Vent < least:
		return fmt.Errorf("the canner is vented %d minutes or more", least)
	case l.Gauge == dial && l.Hold <= 0:
		return fmt.Errorf("the reading to hold is missing")
	}
	return nil
}

// The gauges that govern.
const (
	dial     = "dial"
	weighted = "weighted"
)

func (l *Load) lowAcid() bool          { return l.Class == "low-acid" }
func (l *Load) pressure() bool         { return l.Method == procedure.Pressure }
func (l *Load) whole() time.Duration   { return time.Duration(l.Minutes) * time.Minute }
func (l *Load) venting() time.Duration { return time.Duration(l.Vent) * time.Minute }

// Graver is the class of the two whose food does more harm where its process was not as tested: what
// stands in a canner together is judged by it.
func Graver(a, b string) string {
	for _, class := range []string{"low-acid", "acidified"} {
		if a == class || b == class {
			return class
		}
	}
	return a
}
