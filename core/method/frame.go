package method

import "strings"

// Frame says which verb, object and surroundings make an act. The examples are
// its tests and may be missing in what ships.
type Frame struct {
	Act    string   `yaml:"act" json:"act"`
	Verbs  []string `yaml:"verbs" json:"verbs,omitempty"`
	Object Class    `yaml:"object" json:"object,omitempty"`
	// What are words of the object, where its class alone does not decide.
	What []string `yaml:"what" json:"what,omitempty"`
	// One word of each list that is not empty must stand in the clause; "@fat"
	// means any thing of the class.
	With    []string `yaml:"with" json:"with,omitempty"`
	Through []string `yaml:"through" json:"through,omitempty"`
	Into    []string `yaml:"into" json:"into,omitempty"`
	On      []string `yaml:"on" json:"on,omitempty"`
	From    []string `yaml:"from" json:"from,omitempty"`
	// Particle is "off" of "take off".
	Particle string `yaml:"particle" json:"particle,omitempty"`
	// Result are phrases of outcome, place or moment, one of which must be there.
	Result []string `yaml:"result" json:"result,omitempty"`
	// Measure is what must be measured: dur, temp, psi, size, gap, amount, count,
	// factor.
	Measure []string `yaml:"measure" json:"measure,omitempty"`
	// Pattern is a phrase without a verb, with slots in braces.
	Pattern string   `yaml:"pattern" json:"pattern,omitempty"`
	Also    []string `yaml:"also" json:"also,omitempty"`
	// Undone is true where the words say that the act is not done.
	Undone  bool   `yaml:"undone" json:"undone,omitempty"`
	Phase   string `yaml:"phase" json:"phase,omitempty"`
	Form    string `yaml:"form" json:"form,omitempty"`
	Context string `yaml:"context" json:"context,omitempty"`

	Example    string `yaml:"example" json:"-"`
	Counter    string `yaml:"counter" json:"-"`
	CounterAct string `yaml:"counter_act" json:"-"`
}

// Language is the data that a reader is made of.
type Language struct {
	Things     map[Class][]string `yaml:"things" json:"things"`
	Verbs      []string           `yaml:"verbs" json:"verbs"`
	Frames     []*Frame           `yaml:"frames" json:"frames"`
	Hints      []*Hint            `yaml:"hints" json:"hints"`
	Plain      []*Plain           `yaml:"plain" json:"plain"`
	Deviations []*Deviation       `yaml:"deviations" json:"deviations"`
	// Sets are lists of words that the rows of Plain name by a percent sign; see FillSets.
	Sets map[string][]string `yaml:"sets" json:"-"`
	// Process are the words of closed jars and their process.
	Process []string `yaml:"process" json:"process"`
	// Falling are the words, besides, of a canner that is left to fall by itself.
	Falling []string `yaml:"falling" json:"falling"`
}

// Add adds what another file of the language holds.
func (l *Language) Add(part Language) {
	if part.Things != nil {
		l.Things = part.Things
	}
	l.Verbs = append(l.Verbs, part.Verbs...)
	l.Frames = append(l.Frames, part.Frames...)
	l.Hints = append(l.Hints, part.Hints...)
	l.Plain = append(l.Plain, part.Plain...)
	l.Deviations = append(l.Deviations, part.Deviations...)
	l.Process = append(l.Process, part.Process...)
	l.Falling = append(l.Falling, part.Falling...)
	if part.Sets != nil {
		l.Sets = part.Sets
	}
}

// match returns how well the frame fits the verb of the clause, 0 where it does not.
func (f *Frame) match(c *clause, verb int) int {
	objects := c.objectsOf(verb)
	best := 0
	for _, o := range objects {
		if fits(o.class, f.Object) {
			s := 1
			if o.class == f.Object {
				s = 3
			}
			best = max(best, s)
		}
	}
	if best == 0 {
		switch {
		case onlyMeasures(objects) && bareObject[f.Object]:
			best = 1 // "Drain." "Vent ten minutes."
		case len(f.What) > 0 && c.hasAny(f.What):
			best = 2
		default:
			return 0
		}
	}
	score := 2 + best
	if f.Particle != "" {
		if !c.particle(verb, f.Particle) {
			return 0
		}
		score += 2
	}
	return f.around(c, verb, score)
}

// around adds to the score what stands around the verb as the frame wants it, and
// makes it 0 where something does not.
func (f *Frame) around(c *clause, verb, score int) int {
	if len(f.What) > 0 {
		if !c.hasAny(f.What) {
			return 0
		}
		score += 2
	}
	if f.Act == "fry" && len(f.With) > 0 && verb >= 0 && throws[c.t[verb].verb] && onlyFat(c.objectsOf(verb)) {
		return 0 // "toss the fat" fries nothing
	}
	for _, list := range [][]string{f.With, f.Through, f.Into, f.On, f.From} {
		if len(list) == 0 {
			continue
		}
		if !c.hasThing(list) {
			return 0
		}
		score += 2
	}
	if len(f.Result) > 0 {
		if !c.unit().hasAny(f.Result) {
			return 0
		}
		score += 2
	}
	for _, m := range f.Measure {
		if !c.measures(m) {
			return 0
		}
		score++
	}
	if verb >= 0 && vague[c.t[verb].verb] && feared[f.Act] && len(f.What)+len(f.With)+len(f.Through)+len(f.Into)+len(f.On)+len(f.From)+len(f.Result) == 0 {
		return 0
	}
	return score
}

// onlyFat reports whether all that is acted on is fat.
func onlyFat(list []chunk) bool {
	for _, o := range list {
		if o.class != Fat {
			return false
		}
	}
	return len(list) > 0
}

// throws are verbs that may throw a thing away.
var throws = set("toss")

// vague are verbs that name no act by themselves; feared the acts that they must
// not name alone.
var (
	vague  = set("give take get have run stir crank go put do make want like pound work leave turn")
	feared = set("puree mash thicken reduce no-process self-seal invert force-cool oven-process cooker-process below-boil-hold wax-seal crush fry microwave sun top-up-time vacuum-seal")
)

// onlyMeasures reports whether no thing is acted on.
func onlyMeasures(list []chunk) bool {
	for _, o := range list {
		if o.class != Clock && o.class != Gap && o.class != None {
			return false
		}
	}
	return true
}

// bareObject are the objects that a cook leaves unsaid.
var bareObject = map[Class]bool{Food: true, FullJar: true, Jar: true, Canner: true, None: true, Clock: true, Pressure: true, "": true, Juicy: true, Soft: true, Meat: true, Liquid: true}

// verbWords splits "pick over" into its verb and the rest.
func verbWords(s string) (verb string, rest []string) {
	w := strings.Fields(strings.ReplaceAll(s, "-", " "))
	return w[0], w[1:]
}
