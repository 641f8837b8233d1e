package review

import (
	"strings"

	"damson/core/procedure"
)

func vent(b *bench) {
	if v := b.draft.vent; v != nil && v.Value < 10 {
		b.report(Finding{Code: "vent", Severity: Amend, Line: b.lineOf(v), Edits: restate(itsVent)})
	}
	for s := range b.steps {
		if st := &b.steps[s]; !st.Serving && st.did("no-vent") {
			b.step(s, "no-vent", "vent", Amend, Finding{})
		}
		if st := &b.steps[s]; !st.Serving && st.did("vent") && (st.says("without vent") || st.says("do not vent") ||
			st.says("don't vent")) {
			b.step(s, "vent", "vent", Amend, Finding{})
		}
	}
}

func openKettle(b *bench) {
	b.unprocessed()
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving {
			continue
		}
		for _, tag := range []string{"invert", "no-process"} {
			if st.did(tag) {
				b.step(s, tag, "open-kettle", Amend, Finding{})
			}
		}
		if st.did("self-seal") && !b.stated() {
			b.step(s, "self-seal", "open-kettle", Amend, Finding{})
		}
		if st.did("top-up") {
			b.step(s, "top-up", "process-short", Amend, Finding{Do: "Start the whole time again",
				Message: "When the pressure falls, the whole time begins anew; minutes added do not make up for it."})
		}
		if st.did("heat-early") {
			b.step(s, "heat-early", "process-short", Amend, Finding{Do: "Keep the heat on for the whole time"})
		}
	}
}

func oven(b *bench) {
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || b.proc != nil && b.proc.Requires("baked") && st.did("oven", "oven-word") && !b.packedBy(s) {
			continue // the food is baked before it is filled
		}
		if act := b.ovenAct(s); act != "" {
			b.step(s, act, "oven", Amend, Finding{Edits: ovenFix(s)})
			continue
		}
		switch {
		case st.did("below-boil"):
			b.step(s, "below-boil", "method-mismatch", Amend, Finding{Do: "Boil it, or use pressure",
				Message: "A jar held below a boil is not processed: what lives in it goes on living.", Edits: ovenFix(s)})
		case st.warmsJars():
			b.step(s, "oven-word", "jar-type", Care, Finding{Do: "Keep jars hot in water",
				Message: "Dry oven heat can crack jars when hot food goes in.", Remedy: "Keep them in hot water."})
		}
	}
}

// ovenAct returns the act of sentence s that would process jars by dry heat, "" for none.
func (b *bench) ovenAct(s int) string {
	st := &b.steps[s]
	switch {
	case st.did("odd-process"):
		return "odd-process"
	case st.did("below-boil"):
		return ""
	case st.did("oven"):
		return "oven"
	case st.did("jar-oven") && containsAny(st.Text, " seal", "process"):
		return "jar-oven"
	case st.did("oven-word") && st.jars() && !st.did("jar-oven"):
		if st.warmsJars() {
			return ""
		}
		return "oven-word"
	case st.did("odd-heat") && (st.sealsIn() || b.packedBy(s) && st.sunOrDishwasher()):
		return "odd-heat"
	}
	return ""
}

// warmsJars reports an oven that keeps empty jars warm.
func (s *step) warmsJars() bool {
	return s.did("oven-word") && s.jars() && !s.did("jar-oven") &&
		containsAny(s.Text, "warm", "keep", "sterili", "empty", "preheat the jars") &&
		!containsAny(s.Text, "filled", "seal", "process")
}

// sealsIn reports whether an odd heat is to seal or process the jars.
func (s *step) sealsIn() bool {
	return s.did("process", "self-seal") || containsAny(s.Text, "seal", "filled jars", "full jars", "jars of")
}

// sunOrDishwasher reports a heat that is no washing or warming of empty jars.
func (s *step) sunOrDishwasher() bool {
	rest := strings.ReplaceAll(strings.ToLower(s.Text), "dishwasher", "")
	return containsAny(s.Text, "dishwasher", "solar", "in the sun") &&
		!containsAny(rest, "wash", "clean", "warm", "steril", "empty", "keep the jars hot", "heat the jars", "dry")
}

// packedBy reports whether the jars are full by the end of sentence s.
func (b *bench) packedBy(s int) bool {
	for k := 0; k <= s; k++ {
		if b.steps[k].packs() {
			return true
		}
	}
	return false
}

func ovenFix(s int) []Edit { return append(dropSentence(s), restate(itsMinutes, itsMethods)...) }

func cookers(b *bench) {
	for s := range b.steps {
		st := &b.steps[s]
		if !st.Serving && st.did("slow-cook") && st.did("process") {
			b.step(s, "slow-cook", "cooker-not-canner", Amend, Finding{})
			continue
		}
		if st.Serving || !st.did("cooker") {
			continue
		}
		if b.elsewhere(s) && !st.jars() && !st.did("process") && containsAny(st.Text, "cook the", "cook them",
			"cooked", "simmer", "soften", "tender", "boil the", "cook until", "cook for") {
			continue // it only cooks the food
		}
		b.step(s, "cooker", "cooker-not-canner", Amend, Finding{})
	}
	if titleHas(b.folded, "multi cooker", "multicooker", "electric pressure cooker", "pressure cooker") &&
		!b.did("pressure-can", "water-bath") {
		b.report(Finding{Code: "cooker-not-canner", Severity: Amend, Edits: restate(itsTitle)})
	}
}

// elsewhere reports whether another sentence states a process in a canner.
func (b *bench) elsewhere(s int) bool {
	for k := range b.steps {
		if k != s && !b.steps[k].Serving && b.steps[k].did("process", "water-bath", "pressure-can", "steam-canner") {
			return true
		}
	}
	return false
}

func lids(b *bench) {
	for s := range b.steps {
		st := &b.steps[s]
		switch {
		case st.did("wax"):
			b.step(s, "wax", "lid", Amend, Finding{Do: "No wax", Message: "Mould grows under wax, and it does not seal."})
		case st.did("used-lid"):
			b.step(s, "used-lid", "lid", Amend, Finding{Do: "New flat lids"})
		case st.did("one-piece-lid"):
			severity := Care
			if !b.acidic() {
				severity = Amend
			}
			b.step(s, "one-piece-lid", "lid", severity, Finding{Do: "Two-piece lids"})
		case st.did("gasket-lid"):
			b.step(s, "gasket-lid", "lid", Care, Finding{Do: "Follow the lid maker's directions",
				Message: "Reusable gasket lids vent and tighten differently; they were not part of the tests.",
				Remedy:  "Two-piece lids for low-acid food."})
		}
	}
}

func jarTypes(b *bench) {
	for s := range b.steps {
		st := &b.steps[s]
		switch {
		case st.did("bail-jar"):
			b.step(s, "bail-jar", "jar-type", Amend, Finding{})
		case st.did("odd-jar") && b.plainBottle(st):
		case st.did("odd-jar"):
			severity := Care
			if !b.acidic() {
				severity = Amend
			}
			b.step(s, "odd-jar", "jar-type", severity, Finding{})
		case st.did("jar-oven"):
			b.step(s, "jar-oven", "jar-type", Care, Finding{Do: "Keep jars hot in water",
				Message: "Dry oven heat can crack jars when hot food goes in.", Remedy: "Keep them in hot water."})
		}
	}
}

func cooling(b *bench) {
	natural, down := false, false
	for s := range b.steps {
		st := &b.steps[s]
		natural = natural || st.did("natural-cool")
		if down && st.did("forced") && containsAny(strings.ToLower(st.Text), "weight", "petcock") &&
			!containsAny(strings.ToLower(st.Text), "cold", "water", "tap", "quick", "snow", "ice") {
			continue // the weight comes off once there is no pressure
		}
		down = down || st.did("natural-cool") && containsAny(strings.ToLower(st.Text), "no pressure", "zero",
			"pressure is gone", "pressure's gone", "pressure is all gone")
		if !st.Serving && st.did("forced") && b.proc != nil &&
			b.proc.Has(procedure.Filter{Method: procedure.Pressure}) && !st.did("natural-cool") {
			b.step(s, "forced", "cooling", Amend, Finding{})
			continue
		}
		if st.Serving || !st.did("force-cool") || natural {
			continue
		}
		if st.jars() || containsAny(st.Text, "pressure", "weight", "steam", "quick release") {
			b.step(s, "force-cool", "cooling", Amend, Finding{})
		}
	}
}

// plainBottle reports whether "bottle" is only another word for the jars that the
// recipe names, or speaks of the juice that comes in one.
func (b *bench) plainBottle(st *step) bool {
	switch strings.ToLower(st.actText("odd-jar")) {
	case "the bottles", "in bottles", "into bottles", "the bottle", "fill bottles", "hot bottles", "clean bottles":
	default:
		return false
	}
	return len(b.jars) > 0 || st.names("bottled-citrus") || containsAny(st.Text, "from the bottle", "the bottle, not")
}
