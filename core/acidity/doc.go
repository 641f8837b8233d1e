// Package acidity estimates where a mixture stands against pH 4.6, the line
// under which Clostridium botulinum does not grow (21 CFR 114.3).
//
// A food is a set of weak acids and buffering lumps (Contents); its published
// pH is a datum, from which its strong-ion difference follows. Mixing conserves
// all of them; the pH of the mixture is where the charges balance, with Davies
// activities, at 25 °C. A recipe becomes a Mixture of Parts, each with a range
// of mass, pH and strength; Bounds gives the exact range over all of them,
// Sample a seeded distribution.
//
// It is an estimate: it explains, it warns, it never clears a recipe. The
// structural allowance of 0.15 stands on top of every bound.
package acidity
