package stove

import (
	"fmt"
	"time"

	"damson/app"
	"damson/core/procedure"
	"damson/core/run"
)

// button is one thing that can be told, with its key.
type button struct {
	Kind       run.Kind
	Label, Key string
	// Main is the large one, Danger the one that undoes what was done; Ask is asked before it
	// is taken.
	Main, Danger bool
	Ask          string
	// Jars asks for the jars that came out.
	Jars bool
}

const (
	mainKey = "Space"
	dropKey = "D"
	backKey = "B"
)

// buttons are what can be told at a station, the large one last.
func buttons(x *app.Standing) []button {
	if x.State.Asks != nil {
		return nil // first what was not seen
	}
	if x.Load.Method != procedure.Pressure {
		return boilingButtons(x)
	}
	left := x.State.Clock.End().Sub(x.Now)
	switch x.State.Phase {
	case run.Loaded:
		return []button{{Kind: run.HeatOn, Label: "Heat is on", Key: mainKey, Main: true}}
	case run.Heating:
		return []button{{Kind: run.Steaming, Label: "Steam flows", Key: mainKey, Main: true}}
	case run.Venting:
		if left > 0 {
			return []button{{Kind: run.Faltered, Label: "Faltered", Key: dropKey, Danger: true},
				{Kind: run.Closed, Label: "Weight is on", Ask: fmt.Sprintf("Of the %d minutes %s are still to go. With air "+
					"left in it the load does not count as tested. Put the weight on all the same?", x.Load.Vent, span(left))}}
		}
		return []button{{Kind: run.Faltered, Label: "Faltered", Key: dropKey, Danger: true},
			{Kind: run.Closed, Label: "Weight is on", Key: mainKey, Main: true}}
	case run.Rising:
		if x.State.Airy {
			return []button{{Kind: run.WeightOff, Label: "Weight is off", Key: mainKey, Main: true}}
		}
		return []button{{Kind: run.Reached, Label: "At pressure", Key: mainKey, Main: true}}
	case run.Timing:
		return []button{{Kind: run.Lost, Label: "Dropped", Key: dropKey, Danger: true}, early(x, left)}
	case run.Below:
		return []button{{Kind: run.HeatOff, Label: "Heat off", Ask: "Give this process up? The jars are then not as " +
			"tested."}, {Kind: run.Reached, Label: "Back", Key: backKey, Main: true}}
	case run.Done:
		return []button{{Kind: run.HeatOff, Label: "Heat is off", Key: mainKey, Main: true}}
	case run.Falling:
		forced := button{Kind: run.Forced, Label: "Cooled by force", Danger: true,
			Ask: "Was it cooled with water, or the pressure let out? The jars are then not as tested."}
		if x.State.Complete.IsZero() {
			return []button{forced, {Kind: run.Zero, Label: "At zero"},
				{Kind: run.HeatOn, Label: "Heat is on again", Key: mainKey, Main: true}}
		}
		return []button{forced, {Kind: run.Zero, Label: "At zero", Key: mainKey, Main: true}}
	case run.Down:
		return []button{{Kind: run.WeightOff, Label: "Weight is off", Key: mainKey, Main: true}}
	case run.Resting:
		if left > 0 {
			return []button{{Kind: run.LidOff, Label: "Lid is off", Ask: fmt.Sprintf("It should stand %s longer. Is the lid "+
				"off already?", span(left))}}
		}
		return []button{{Kind: run.LidOff, Label: "Lid is off", Key: mainKey, Main: true}}
	case run.Open:
		return []button{{Kind: run.JarsOut, Label: "Jars are out", Key: mainKey, Main: true, Jars: true}}
	}
	return nil
}

func boilingButtons(x *app.Standing) []button {
	left := x.State.Clock.End().Sub(x.Now)
	reached := "Full boil"
	if x.Load.Method == procedure.Steam {
		reached = "Steady steam"
	}
	switch x.State.Phase {
	case run.Loaded:
		return []button{{Kind: run.HeatOn, Label: "Heat is on", Key: mainKey, Main: true}}
	case run.Heating:
		return []button{{Kind: run.Reached, Label: reached, Key: mainKey, Main: true}}
	case run.Timing:
		return []button{{Kind: run.Lost, Label: "Lost", Key: dropKey, Danger: true}, early(x, left)}
	case run.Below:
		return []button{{Kind: run.HeatOff, Label: "Heat off", Ask: "Give this process up? The jars are then not as " +
			"tested."}, {Kind: run.Reached, Label: "Back", Key: backKey, Main: true}}
	case run.Done:
		return []button{{Kind: run.HeatOff, Label: "Heat is off", Key: mainKey, Main: true}}
	case run.Resting:
		out := button{Kind: run.JarsOut, Label: "Jars are out", Key: mainKey, Main: true, Jars: true}
		if x.State.Complete.IsZero() {
			out.Main, out.Key = false, ""
			return []button{out, {Kind: run.HeatOn, Label: "Heat is on again", Key: mainKey, Main: true}}
		}
		if left > 0 {
			out.Ask, out.Main, out.Key = fmt.Sprintf("They should stand %s longer. Are they out already?", span(left)), false, ""
		}
		return []button{out}
	case run.Open:
		return []button{{Kind: run.JarsOut, Label: "Jars are out", Key: mainKey, Main: true, Jars: true}}
	}
	return nil
}

// early is the heat that goes off before its time: small, and asked about.
func early(x *app.Standing, left time.Duration) button {
	return button{Kind: run.HeatOff, Label: "Heat off", Ask: fmt.Sprintf("Of the %d minutes %s are still to go. The "+
		"jars are then not as tested. Is the heat off all the same?", x.Load.Minutes, span(left))}
}

// span is a stretch of time in words, minutes rounded up.
func span(d time.Duration) string {
	n := int((d + time.Minute - 1) / time.Minute)
	if n == 1 {
		return "1 minute"
	}
	return fmt.Sprintf("%d minutes", n)
}
