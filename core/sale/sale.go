// Package sale says which class of 21 CFR a jarred product would fall in if it
// were sold, from a few facts, and what that asks for in general. It gives no
// permit: state and local rules decide. The regulations are from memory.
package sale

import "fmt"

// Facts are what the class depends on. Yes and No are answers; an empty string
// is not answered.
type Facts struct {
	// PH is the highest equilibrium pH that was measured, 0 where none was.
	PH float64
	// AcidAdded: acid or acid food is added to low-acid food.
	AcidAdded string
	// LowAcidPart: "none", "small" (does not move the pH much) or "much" of
	// low-acid food is in it.
	LowAcidPart string
	// Dry: its water activity is 0.85 or less (21 CFR 114.3).
	Dry string
	// Cold: it is kept, shipped and sold refrigerated.
	Cold string
	// Kind: "jam" (jam, jelly, preserve), "drink" (carbonated), "alcohol",
	// "fermented", "dressing" (dressing or condiment sauce), or "other".
	Kind string
	// Meat: it holds meat or poultry, which another agency regulates.
	Meat string
}

// The answers.
const (
	Yes = "yes"
	No  = "no"
)

// The classes.
const (
	AcidFood  = "acid food"
	Acidified = "acidified food"
	LowAcid   = "low-acid canned food"
	Exempt    = "not under part 114"
	Open      = "not known yet"
)

// Answer is the class, the facts it follows from, and what it asks for.
type Answer struct {
	Class string
	Since []string
	Asks  []string
	// Missing are the facts still needed.
	Missing []string
	Source  string
}

// Decide is in every answer.
const Decide = "Your state or local rules decide; many let acid foods and jams be sold from a home kitchen and forbid the rest. Ask them before you sell a jar."

const source = "21 CFR 108, 113 and 114, from memory"

// Classify returns the class. It errs to the stricter one.
func Classify(f Facts) (Answer, error) {
	a := Answer{Class: Open, Source: source}
	if f.PH != 0 && (f.PH < 1 || f.PH > 14) {
		return a, fmt.Errorf("a pH of %g is none: type the highest that was measured, like 3.9, or leave it empty", f.PH)
	}
	since := func(s string) { a.Since = append(a.Since, s) }
	if f.Meat == Yes {
		a.Asks = append(a.Asks, "Meat and poultry are inspected by the Department of Agriculture; its rules come first.")
	}
	switch {
	case f.Dry == Yes:
		a.Class = Exempt
		since("its water activity is 0.85 or less (114.3(b), 113.3(n))")
	case f.Cold == Yes:
		a.Class = Exempt
		since("it is stored, distributed and sold under refrigeration (114.3(b))")
		a.Asks = append(a.Asks, "Rules for refrigerated food apply: cold all the way, a short life, a date.")
	case f.Kind == "jam":
		a.Class = Exempt
		since("jams, jellies and preserves are excepted (114.3(b)); standards of identity stand in part 150")
	case f.Kind == "drink":
		a.Class = Exempt
		since("carbonated beverages are excepted (114.3(b))")
	case f.Kind == "alcohol":
		a.Class = Exempt
		since("alcoholic beverages are excepted (113.3(n))")
	case f.PH == 0:
		a.Missing = append(a.Missing, "the highest equilibrium pH, measured with a calibrated meter in several jars")
	case f.PH > 4.6:
		a.Class = LowAcid
		since(fmt.Sprintf("its pH of %.2f is over 4.6 and its water activity over 0.85 (113.3(n))", f.PH))
	case f.Kind == "fermented":
		a.Class = AcidFood
		since("the acid formed by fermentation; fermented food is not acidified food, where nothing else is added")
	case f.AcidAdded == "" || f.LowAcidPart == "":
		if f.AcidAdded == "" {
			a.Missing = append(a.Missing, "whether acid, or acid food, is added to low-acid food")
		}
		if f.LowAcidPart == "" {
			a.Missing = append(a.Missing, "how much low-acid food is in it")
		}
	case f.LowAcidPart == "none":
		a.Class = AcidFood
		since(fmt.Sprintf("a natural pH of %.2f and no low-acid food in it (114.3(a))", f.PH))
	case f.LowAcidPart == "small" && f.AcidAdded == No, f.LowAcidPart == "small" && f.Kind == "dressing":
		a.Class = AcidFood
		since("an acid food with a small amount of low-acid food whose pH differs little from that of the acid food (114.3(b))")
		a.Asks = append(a.Asks, "Whether the amount is small enough is for a process authority to say, not for the maker.")
	default:
		a.Class = Acidified
		since(fmt.Sprintf("low-acid food to which acid or acid food is added, at a pH of %.2f (114.3(b))", f.PH))
	}
	a.Asks = append(a.Asks, asks[a.Class]...)
	if a.Class == Acidified && f.PH > 4.2 {
		a.Asks = append(a.Asks, fmt.Sprintf("A pH of %.2f is near the line; a process authority will want room under 4.6.", f.PH))
	}
	a.Asks = append(a.Asks, Decide)
	return a, nil
}

var asks = map[string][]string{
	AcidFood:  {"Good manufacturing practice (21 CFR 117), a label, a licensed kitchen where your state asks for one."},
	Acidified: {"A scheduled process from a qualified process authority (114.83).", "Training in a better process control school for whoever supervises (114.10).", "Registration of the plant and filing of each process with the Food and Drug Administration (108.25).", "pH of every batch, by a meter where it is over 4.0 (114.90); records kept three years (114.100)."},
	LowAcid:   {"A scheduled thermal process from a process authority, retorts and instruments as the rules describe (part 113).", "Training, registration and filing (108.35). A home canner does not meet this."},
	Exempt:    {"Other parts still apply: good manufacturing practice (21 CFR 117), labels, your state's own rules."},
}
