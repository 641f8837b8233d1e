package stove

import (
	"fmt"
	"time"

	"damson/app"
	"damson/core/canner"
	"damson/core/procedure"
	"damson/core/run"
	"damson/web/kit"
)

// says is what a station says in one sentence, and what comes next and when.
type says struct{ Is, Next string }

// sayings are what each phase says under pressure; those of a bath and of steam that differ
// stand in boilings.
var sayings = map[run.Phase]func(*app.Standing) says{
	run.Loaded: func(x *app.Standing) says {
		return says{"Jars in, lid locked, vent open.", "Turn the heat on high."}
	},
	run.Heating: func(x *app.Standing) says {
		return says{"Heating, the vent open.", fmt.Sprintf("When steam streams out without a break, press Steam flows: "+
			"the %d minutes of venting begin.", x.Load.Vent)}
	},
	run.Venting: venting,
	run.Rising:  rising,
	run.Timing:  timing,
	run.Below: func(x *app.Standing) says {
		return says{"Below pressure: nothing counts.", fmt.Sprintf("Turn the heat up. At %s press Back: the whole %d "+
			"minutes begin again.", target(x), x.Load.Minutes)}
	},
	run.Done: func(x *app.Standing) says {
		return says{"The time is over: heat off.", "Turn the heat off and leave it alone. No water, no draught, no hand " +
			"on the weight: the slow fall is part of the process."}
	},
	run.Falling: falling,
	run.Down: func(x *app.Standing) says {
		return says{"At zero.", "Take the weight off, or open the petcock. Then it stands 10 minutes more."}
	},
	run.Resting: func(x *app.Standing) says {
		return says{"Standing open, lid on.", fmt.Sprintf("At %s lift the lid, the far side first, away from your "+
			"face.", clock(x.State.Clock.End()))}
	},
	run.Open: func(x *app.Standing) says {
		return says{"The lid is off.", "Lift the jars straight up, onto a towel, an inch apart, out of the draught. " +
			"Count them."}
	},
	run.Out: out,
}

// boilings are what a bath and a steam canner say.
var boilings = map[run.Phase]func(*app.Standing) says{
	run.Loaded: func(x *app.Standing) says {
		if x.Load.Method == procedure.Steam {
			return says{"Jars on the rack, water in the base.", "Lid on, and the heat on high."}
		}
		return says{"Jars in, " + cover(x) + " of water over them.", "Lid on, and the heat on high."}
	},
	run.Heating: func(x *app.Standing) says {
		if x.Load.Method == procedure.Steam {
			return says{"Heating.", fmt.Sprintf("When steam streams out of the holes without a break, and the lid's own "+
				"gauge stands in the zone of this elevation, press Steady steam: the %d minutes begin.", x.Load.Minutes)}
		}
		return says{"Heating.", fmt.Sprintf("When it boils fully, with %s of water over the jars, press Full boil: the "+
			"%d minutes begin.", cover(x), x.Load.Minutes)}
	},
	run.Below: func(x *app.Standing) says {
		return says{"Lost: nothing counts.", fmt.Sprintf("Turn the heat up, add boiling water where it lacks. When it is "+
			"back press Back: the whole %d minutes begin again.", x.Load.Minutes)}
	},
	run.Done: func(x *app.Standing) says {
		return says{"The time is over: heat off.", "Turn the heat off, take the lid off, and let the jars stand 5 minutes."}
	},
	run.Resting: func(x *app.Standing) says {
		if x.State.Complete.IsZero() {
			return says{"The heat went off too early.", "Turn it on again, or take the jars out and read below."}
		}
		return says{"Heat off, jars standing.", fmt.Sprintf("At %s lift them straight up, onto a towel, an inch apart, "+
			"out of the draught.", clock(x.State.Clock.End()))}
	},
}

// cover is how much water stands over the jars in a bath.
func cover(x *app.Standing) string {
	if canner.WaterOver(x.Load.Minutes) == 2 {
		return "2 inches"
	}
	return "an inch"
}

// say is what the station of a run says.
func say(x *app.Standing) says {
	if x.State.Asks != nil {
		return says{"Nobody was seen here. What happened?", ""}
	}
	if x.Load.Method != procedure.Pressure {
		if f, ok := boilings[x.State.Phase]; ok {
			return f(x)
		}
	}
	return sayings[x.State.Phase](x)
}

// hands says what is to be done next on the whole stove, and when.
func hands(x *app.Standing, at string) string {
	if x.Hands() == 0 {
		return "For your hands now, " + x.Run.Canner + ": " + say(x).Is
	}
	what := map[run.Phase]string{run.Venting: "weight on", run.Timing: "heat off", run.Resting: "lid off"}[x.State.Phase]
	if x.State.Phase == run.Resting && x.Load.Method != procedure.Pressure {
		what = "lift the jars out"
	}
	return "Next for your hands: " + at + ", " + x.Run.Canner + ": " + what
}

// target names what the gauge shows at pressure.
func target(x *app.Standing) string {
	switch {
	case x.Load.Method == procedure.Steam:
		return "steady steam"
	case x.Load.Method == procedure.WaterBath:
		return "a full boil"
	case x.Load.Hold > 0:
		return kit.Decimal(x.Load.Hold) + " psi on the dial"
	}
	return fmt.Sprintf("%d psi, when the weight rocks or jiggles as its maker's book says,", x.Load.PSI)
}

func venting(x *app.Standing) says {
	if !x.Now.Before(x.State.Clock.End()) {
		return says{"The air is out: weight on.", "Put the weight on, or shut the petcock."}
	}
	return says{"Steam flows, and takes the air along.", fmt.Sprintf("At %s put the weight on, or shut the petcock. "+
		"Should the steam falter, press Faltered: the %d minutes begin again.", clock(x.State.Clock.End()), x.Load.Vent)}
}

func rising(x *app.Standing) says {
	if x.State.Airy {
		return says{"Closed, with air in it: nothing counts so.", fmt.Sprintf("Take the weight off again, let steam flow "+
			"%d whole minutes, and close it then. Air in the canner keeps the jars colder than the gauge says.", x.Load.Vent)}
	}
	return says{"Closed, and rising.", fmt.Sprintf("At %s press At pressure: the %d minutes begin. Not before.",
		target(x), x.Load.Minutes)}
}

func timing(x *app.Standing) says {
	end := clock(x.State.Clock.End())
	switch x.Load.Method {
	case procedure.Steam:
		next := fmt.Sprintf("At %s the heat goes off. Should the steam falter, press Lost: the whole %d minutes begin "+
			"again.", end, x.Load.Minutes)
		if x.State.Starts > 1 {
			next += fmt.Sprintf(" Mind the water: a steam canner boils dry after some %d minutes of steam, and this is not "+
				"its first.", procedure.SteamLimit)
		}
		return says{"Steady steam. The lid stays on.", next}
	case procedure.WaterBath:
		return says{"At a full boil, the jars covered.", fmt.Sprintf("At %s the heat goes off. Should the boil stop or a "+
			"jar stand dry, press Lost: the whole %d minutes begin again.", end, x.Load.Minutes)}
	}
	under := "Should the weight fall silent"
	if x.Load.Hold > 0 {
		under = "Under " + kit.Decimal(x.Load.Hold) + " psi on the dial"
	}
	return says{"At pressure. Stay with it.", fmt.Sprintf("At %s the heat goes off. %s, press Dropped: the whole %d "+
		"minutes begin again.", end, under, x.Load.Minutes)}
}

func falling(x *app.Standing) says {
	if x.State.Complete.IsZero() {
		return says{"The heat went off too early.", "Turn it on again and bring it back to pressure, or leave it to " +
			"fall, and read below."}
	}
	if x.Load.Hold > 0 {
		return says{"Falling by itself.", "It takes half an hour and more. When the dial stands at zero press At zero; " +
			"leave the weight alone until then."}
	}
	return says{"Falling by itself.", "It takes half an hour and more. When the cover lock is down, or a nudged " +
		"weight gives no steam, press At zero."}
}

func out(x *app.Standing) says {
	if x.Judged.Verdict == run.AsTested {
		return says{"Out, and as tested.", "Leave the jars alone until " +
			x.State.OutAt.Add(12*time.Hour).Local().Format("Monday 15:04") + "; then test the seals."}
	}
	return says{"Out, and not as tested.", "These jars do not go on the shelf. What can be done stands below."}
}

// clock is a time on the wall.
func clock(t time.Time) string { return t.Local().Format(kit.ClockLayout) }
