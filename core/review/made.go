package review

import (
	"strings"

	"damson/core/acidity"
	"damson/core/discard"
)

// processWrong are the codes of how a jar was closed, processed and soured; contentsWrong of
// what is in it. Neither is mended once the jar stands on a shelf.
var (
	processWrong = map[string]bool{"oven": true, "open-kettle": true, "low-acid-in-water-bath": true, "process-short": true, "pressure-low": true, "vent": true, "method-mismatch": true, "cooker-not-canner": true,
		"cooling": true, "steam-limit": true, "lid": true, "altitude": true, "pack-style": true, "jar-size": true, "no-acid-added": true, "acid-short": true}
	contentsWrong = map[string]bool{"dairy": true, "egg": true, "oil-pack": true, "puree": true, "squash-mash": true, "thickener": true, "starch-solid": true, "cured-meat": true, "nut": true, "fat": true,
		"not-recommended-food": true, "low-acid-fruit": true, "low-acid-increase": true, "added-ingredient": true, "base-added": true}
)

// untestedWays are the codes of jars that had no tested process at all. A sentence that was
// asked about as one of these is taken for what it seems, once the jars exist.
var untestedWays = map[string]bool{"oven": true, "open-kettle": true, "low-acid-in-water-bath": true, "method-mismatch": true, "cooker-not-canner": true}

// already turns what was done wrong into a stop where the text says that the jars exist.
// Within a day what has a tested process may have it again, from the start; what has none
// is kept cold. Later nothing helps (USDA Complete Guide 2015, guide 1, unsealed jars and
// spoiled canned foods; from memory).
func (r *Result) already(line int) {
	code, again := "", r.Procedure != nil
	for i := range r.Findings {
		f := &r.Findings[i]
		if f.Severity != Amend && f.Severity != Halt || f.Question && !untestedWays[f.Code] || !processWrong[f.Code] && !contentsWrong[f.Code] {
			continue
		}
		f.Severity = Halt
		again = again && !contentsWrong[f.Code]
		if code == "" {
			code = f.Code
		}
	}
	if code == "" {
		return
	}
	r.Made, r.Verdict = true, Stop
	r.Methods, r.After = r.Methods[:0], r.After[:0]
	f := Finding{Code: code, Severity: Halt, Line: at(line), Do: "What to do with these jars", Source: "USDA Complete Guide 2015, guide 1, unsealed jars and spoiled canned foods; from memory"}
	f.Message = "Less than 24 hours old: refrigerate or freeze them; no process is tested for what is in them."
	if again {
		f.Message = "Less than 24 hours old: process them again for the whole tested time with new lids, or refrigerate or freeze them."
	}
	older, how := discard.Older(r.Acidity.Class == acidity.Acid)
	f.Message += " Older: " + strings.ToLower(older[:1]) + older[1:]
	f.Remedy = how
	r.Findings = append(r.Findings, f)
}
