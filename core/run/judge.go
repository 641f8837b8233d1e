package run

import (
	"fmt"
	"slices"
	"time"

	"damson/core/discard"
	"damson/core/procedure"
	"damson/core/words"
)

// Verdict of a run.
type Verdict string

// The verdicts. A run is judged once it can no longer become as tested, or its jars are out.
const (
	Pending     Verdict = "pending"
	AsTested    Verdict = "as-tested"
	NotAsTested Verdict = "not-as-tested"
)

// Judgement says whether the jars had their process as it was tested, and what to do now.
type Judgement struct {
	Verdict Verdict
	// Why is one sentence, empty while it is pending.
	Why string
	// Do is what to do with the jars now, in order.
	Do []string
	// Until is until when the whole process may be given again, zero where there is no need.
	Until time.Time
	// Cares are what to look at, whatever the verdict.
	Cares []string
	// Shelf is true of jars that may go on the shelf once their seals are tested.
	Shelf bool
}

// Again is how long after the heat the whole process may be given again (USDA Complete Guide
// 2015, guide 1, Reprocessing Unsealed Jars, from memory).
const Again = 24 * time.Hour

// Judge judges a run whose state at now is s.
func Judge(l Load, s State, now time.Time) Judgement {
	j := Judgement{Verdict: Pending, Cares: slices.Clone(s.cares)}
	warm, stood := l.stood(&s)
	if stood {
		j.Cares = append(j.Cares, warm)
	}
	whole := !s.Complete.IsZero() && s.Asks == nil
	over := s.Phase == Out || s.Phase == Open || s.Phase == Down || s.Phase == Resting || s.Phase == Falling
	if s.Later > 0 {
		j.Cares = append(j.Cares, fmt.Sprintf("%s told afterwards, with a time that somebody remembered.", things(s.Later)))
	}
	switch {
	case !over && s.wrong == "", s.Asks != nil && s.Phase != Out:
		return j
	case whole && s.wrong == "" && s.Phase != Out:
		return j // nothing is wrong so far
	case whole && s.wrong == "":
		j.Verdict, j.Shelf = AsTested, !stood
		j.Why = fmt.Sprintf("%d minutes %s, without a break%s.", l.Minutes, l.at(), l.fell())
		j.Do = []string{"Leave the jars apart, out of a draught, and test the seals after 12 to 24 hours. Bands are not tightened meanwhile."}
		return j
	}
	l.spoilt(&j, &s, whole, now)
	return j
}

// spoilt judges a run that is not as tested: why, and what to do now.
func (l *Load) spoilt(j *Judgement, s *State, whole bool, now time.Time) {
	j.Verdict = NotAsTested
	j.Why = words.Sentence(l.why(s, whole, now.Location()))
	from := s.HeatOff
	if from.IsZero() {
		from = s.Since
	}
	j.Until = from.Add(Again)
	if now.Before(j.Until) {
		if s.OutAt.IsZero() && s.Phase != Open && s.wrong == "" {
			j.Do = append(j.Do, l.resume())
		}
		j.Do = append(j.Do,
			"Within 24 hours: give the jars the whole process again from the beginning, with new lids, as if nothing had been done.",
			"Or keep them in the refrigerator and eat them within days; or freeze them, with room to swell.",
			"They do not go on the shelf, sealed or not.")
		return
	}
	older, how := discard.Older(l.Class == "acid")
	j.Do = []string{"More than 24 hours have gone by: no second process helps now.", older, how}
}

// resume is the way back while the canner is still shut.
func (l *Load) resume() string {
	if l.pressure() {
		return fmt.Sprintf("The canner is still shut: turn the heat on again, bring it back to pressure (after %d minutes of steam, if it has been at zero), and give the whole %d minutes from there.", l.Vent, l.Minutes)
	}
	return fmt.Sprintf("The jars are still in: turn the heat on again, and give the whole %d minutes %s.", l.Minutes, l.at())
}

// overnight is how long low-acid jars may stand in a closed canner; common practice, no source,
// as is that they are kept cold then: offices of extension differ.
const overnight = 4 * time.Hour

// stood says that low-acid jars stood warm in the canner for long: what survives the process
// grows between about 110 and 160 °F.
func (l *Load) stood(s *State) (string, bool) {
	at := s.LidOffAt
	if at.IsZero() {
		at = s.OutAt
	}
	if !l.lowAcid() || at.IsZero() || s.HeatOff.IsZero() || at.Sub(s.HeatOff) < overnight {
		return "", false
	}
	return fmt.Sprintf("They stood %d hours in the closed canner, where heat-loving spoilage grows: "+
		"keep them in the refrigerator and eat them first; they do not go on the shelf.", int(at.Sub(s.HeatOff)/time.Hour)), true
}

// at names what the clock of the process counts.
func (l *Load) at() string {
	switch l.Method {
	case procedure.Pressure:
		if l.Gauge == dial {
			return fmt.Sprintf("at %d psi, %g on this dial", l.PSI, l.Hold)
		}
		return fmt.Sprintf("at %d psi", l.PSI)
	case procedure.Steam:
		return "in steady steam"
	}
	return "at a full boil"
}

func (l *Load) fell() string {
	if l.pressure() {
		return fmt.Sprintf(", after %d minutes of steam, and the pressure fell by itself", l.Vent)
	}
	return ""
}

// why is the first reason why a run is not as tested.
func (l *Load) why(s *State, whole bool, here *time.Location) string {
	best := int(s.Best / time.Minute)
	switch {
	case whole:
		return s.wrong
	case s.Asks != nil:
		return fmt.Sprintf("nobody has said what happened from %s to %s, while the time counted", s.Asks.From.In(here).Format("15:04"), s.Asks.Until.In(here).Format("15:04"))
	case s.Starts > 0:
		return fmt.Sprintf("the longest time %s without a break was %s of %d", l.at(), minutes(best), l.Minutes)
	case l.pressure() && s.Airy:
		return fmt.Sprintf("the canner was closed after %s of steady steam instead of %d, with air still in it", minutes(int(s.Vent/time.Minute)), l.Vent)
	case l.pressure():
		return "it was never at its pressure"
	case l.Method == procedure.Steam:
		return "there never was steady steam"
	}
	return "there never was a full boil over the jars"
}

func things(n int) string {
	if n == 1 {
		return "One thing was"
	}
	return fmt.Sprintf("%d things were", n)
}

func minutes(n int) string {
	if n == 1 {
		return "1 minute"
	}
	return fmt.Sprintf("%d minutes", n)
}
