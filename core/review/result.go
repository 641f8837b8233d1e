package review

import (
	"damson/core/acidity"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/rulebook"
)

// Verdict is what a review comes to.
type Verdict string

// The four verdicts.
const (
	Clear    Verdict = "clear"
	Change   Verdict = "change"
	Untested Verdict = "untested"
	Stop     Verdict = "stop"
)

// Words tells the verdict as people say it: "Change first".
func (v Verdict) Words() string {
	return map[Verdict]string{Clear: "Clear", Change: "Change first", Untested: "Untested", Stop: "Stop"}[v]
}

// Severity is how grave a finding is.
type Severity string

// The severities. Halt is never mended, Amend asks for a change or an answer,
// Care warns, Note only says.
const (
	Halt  Severity = "stop"
	Amend Severity = "change"
	Care  Severity = "care"
	Note  Severity = "note"
)

// Standing is how one line stands against the procedure.
type Standing string

// The standings, the gravest last.
const (
	Serves    Standing = "serving"
	Same      Standing = "same"
	Permitted Standing = "permitted"
	Changes   Standing = "change"
	Never     Standing = "never"
)

// The standings of what the procedure has and the recipe has not.
const (
	LeftOut   Standing = "left out"
	NotNeeded Standing = "not needed"
)

// The stances. Guideline adds facts about the parts of what nothing covers; it
// never changes a verdict.
const (
	Book      = "book"
	Guideline = "guideline"
)

// Request is a recipe with what the cook says about the kitchen. Empty fields
// were not said.
type Request struct {
	Recipe *recipe.Recipe
	// Elevation is in feet. ElevationGiven is false where sea level is assumed.
	Elevation      int
	ElevationGiven bool
	Jar            quantity.Jar
	Pack           string
	Gauge          string
	Method         string
	Minutes        float64
	PSI            float64
	// Measured is the highest pH that was measured in jars of this recipe, 0 where
	// none was. It can make a verdict worse, never better.
	Measured float64
	// Answers are what the cook said to questions of an earlier review.
	Answers *Answers
	// Procedure is the id to compare with; empty finds the nearest.
	Procedure string
	Stance    string
}

// Finding is one thing that Damson has to say, tied to a line where it is
// about one.
type Finding struct {
	Code       string   `json:"code"`
	Severity   Severity `json:"severity"`
	Line       *int     `json:"line"`
	Ingredient string   `json:"ingredient"`
	Message    string   `json:"message"`
	Remedy     string   `json:"remedy"`
	Source     string   `json:"source"`
	// Do is the heading of the note: what to do, in a few words.
	Do string `json:"do"`
	// Question is true where the finding only asks.
	Question bool `json:"question,omitempty"`
	// Clause is true where Ingredient is a clause in the cook's own words.
	Clause bool `json:"-"`
	// Answers are those that are ready.
	Answers []Option `json:"answers,omitempty"`
	// Answered is true where an answer of the cook's stands in for the reading.
	Answered bool `json:"-"`
	// Edits mend it; none do where it has no way round.
	Edits []Edit `json:"edits,omitempty"`
}

// Acidity is where the food stands against pH 4.6. The figures are the
// mixture's estimate; null where it has none, or was not asked for.
type Acidity struct {
	Class string   `json:"class"`
	Low   *float64 `json:"ph_low"`
	Mid   *float64 `json:"ph_mid"`
	High  *float64 `json:"ph_high"`
}

// ProcedureRef names the tested procedure that the recipe was compared with.
type ProcedureRef struct {
	ID     string `json:"id"`
	Title  string `json:"title"`
	Source string `json:"source"`
}

// Judgement says how one line stands against the procedure.
type Judgement struct {
	Line int      `json:"line"`
	As   Standing `json:"as"`
	Why  string   `json:"why"`
}

// Result is a review. Its JSON is the one that contract.md fixes, with further
// fields.
type Result struct {
	Title     string              `json:"title"`
	File      string              `json:"file"`
	Elevation int                 `json:"elevation_ft"`
	Verdict   Verdict             `json:"verdict"`
	Procedure *ProcedureRef       `json:"procedure"`
	Stance    string              `json:"stance"`
	Acidity   Acidity             `json:"acidity"`
	Methods   []procedure.Process `json:"methods"`
	After     []procedure.Process `json:"methods_after_changes"`
	Findings  []Finding           `json:"findings"`
	Lines     []*recipe.Line      `json:"lines"`

	// Main is the line of what it is made of, 0 where none is known.
	Main int `json:"-"`
	// Made is true where the jars exist already and were not made as tested.
	Made bool `json:"-"`
	// Questions counts the sentences that are asked about.
	Questions int `json:"questions"`
	// Sentence is the verdict in words.
	Sentence   string      `json:"sentence"`
	Judgements []Judgement `json:"judgements"`
	// Serving is the half of the recipe for when the jar is opened.
	Serving []string `json:"serving"`
	// Assumed says what was taken for granted.
	Assumed []string       `json:"assumed"`
	Steps   []*recipe.Step `json:"-"`
	// Parts lays out what is known of the parts of an untested mixture; only in
	// the guideline stance, and never a process for the mixture.
	Parts *Parts `json:"parts,omitempty"`
	// Apart are procedures for foods of a mixture that nothing covers: they can be
	// canned by themselves and combined when serving.
	Apart []ProcedureRef `json:"apart,omitempty"`
	// Relatives are tested recipes near one that is untested or must stop; they are other
	// recipes, and their processes are for them alone.
	Relatives []Relative `json:"relatives,omitzero"`
	// Question is the one thing to ask where the recipe fits several procedures
	// whose processes differ; nil where nothing is open.
	Question *Question `json:"question,omitempty"`
	// Product is what it is by its title, where that is one without a tested process; nil
	// where it is none, or where the verdict gives a process.
	Product *rulebook.Unprocessed `json:"-"`
	// beyond is the procedure that covers it, and whose table ends below the elevation.
	beyond *procedure.Procedure
	// Tested is the whole procedure, nil where none is near enough.
	Tested *procedure.Procedure `json:"-"`
}

// SetEstimate lays the mixture's estimate beside the review. A tested procedure
// keeps its own class; the verdict stays in any case.
func (r *Result) SetEstimate(e acidity.Estimate) {
	r.Acidity.Low, r.Acidity.Mid, r.Acidity.High = e.Low, e.Mid, e.High
	if r.Procedure == nil {
		r.Acidity.Class = e.Class
	}
}

// Count returns how many lines stand as given.
func (r *Result) Count(as ...Standing) int {
	n := 0
	for _, j := range r.Judgements {
		for _, a := range as {
			if j.As == a {
				n++
			}
		}
	}
	return n
}
