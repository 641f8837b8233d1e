package method

// The looks of misuse ask, of each thing that a process hangs on, whether what is done to it can
// be right in any procedure: the canner, the clock, the jars, the food.

// misused reports a thing that is used in a way that no procedure has.
func (p *passage) misused(acts []Act) (code, why string) {
	switch {
	case p.handledMidway():
		return "process-short", "handled while it is processed"
	case p.onlyDipped():
		return "process-short", "only dipped"
	case p.pressureLowered():
		return "pressure-low", "the pressure is lowered"
	case p.weightBeforeSteam(), p.steamsUnderWeight(), p.ventsAlong():
		return "vent", "weight on before the steam"
	case p.clockBeforeHeat(), p.takesOffTime(), p.cutsTo(), p.inPieces(), p.fireOutFirst():
		return "process-short", "the clock"
	case p.fireOutEarly():
		return "process-short", "the heat is off"
	case p.forcedBand():
		return "lid", "a band that is forced"
	case p.notTheCanner():
		return "method-mismatch", "no canner"
	case p.steamNotAwaited():
		return "vent", "no steam awaited"
	case p.notInCanner():
		return "open-kettle", "not in the canner"
	case p.oldLids():
		return "lid", "no new lids"
	case p.fallsTo():
		return "pressure-low", "a limit too low"
	}
	if code, why = p.foodMisused(acts); why != "" {
		return code, why
	}
	if code, why = p.deniesSafety(); why != "" {
		return code, why
	}
	switch {
	case p.thisAndThat():
		return "unknown-ingredient", "vague"
	case p.noLid():
		return "lid", "no lid that seals"
	case p.waitsForProcess():
		return "method-mismatch", "jars that wait for their process"
	case p.runsDry():
		return "canner-water", "a canner that runs dry"
	case p.partMissing():
		return "pressure-low", "a canner without its parts"
	case p.goesCold():
		return "pack-style", "filled cold"
	case p.shallowWater():
		return "method-mismatch", "water that does not cover"
	case p.countsUnboiled():
		return "process-short", "not boiling"
	}
	return "", ""
}
