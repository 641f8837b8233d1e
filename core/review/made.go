package review

import "damson/core/acidity"

// doneWrong are the codes of what cannot be mended in a jar that is closed and stored:
// how it was processed, and what acid it holds.
var doneWrong = map[string]bool{"oven": true, "open-kettle": true, "low-acid-in-water-bath": true, "process-short": true, "pressure-low": true, "vent": true, "method-mismatch": true, "cooker-not-canner": true,
	"cooling": true, "steam-limit": true, "lid": true, "altitude": true, "no-acid-added": true, "acid-short": true, "dairy": true, "oil-pack": true, "puree": true, "thickener": true, "starch-solid": true}

// already turns what was done wrong into a stop where the text says that the jars exist
// (USDA Complete Guide 2015, guide 1, spoiled canned foods and unsealed jars; from memory).
func (r *Result) already(line int) {
	code := ""
	for i := range r.Findings {
		f := &r.Findings[i]
		if (f.Severity == Change || f.Severity == Stop) && !f.Question && doneWrong[f.Code] {
			f.Severity = Stop
			if code == "" {
				code = f.Code
			}
		}
	}
	if code == "" {
		return
	}
	r.Made, r.Verdict = true, Stop
	r.Methods, r.After = r.Methods[:0], r.After[:0]
	f := Finding{Code: code, Severity: Stop, Line: at(line), Do: "What to do with these jars", Source: "USDA Complete Guide 2015, guide 1, unsealed jars and spoiled canned foods; from memory"}
	if r.Acidity.Class == acidity.Acid {
		f.Message = "Less than 24 hours old: process them again for the whole tested time with new lids, or refrigerate or freeze them. Older: look for mould, gas, cloudiness or an odd smell before opening, and throw away what shows any."
		f.Remedy = "When in doubt, throw it out."
	} else {
		f.Message = "Less than 24 hours old: process them again for the whole tested time with new lids, or refrigerate or freeze them. Older: do not open and do not taste them; a jar can hold the toxin of botulism and look, smell and seal as it should."
		f.Remedy = "Put closed jars in a heavy bag into the rubbish, out of reach of children and animals. A jar that leaks or is open: boil jar, lid and food 30 minutes under an inch of water first."
	}
	r.Findings = append(r.Findings, f)
}
