package method

import (
	"bytes"
	"compress/gzip"
	_ "embed"
	"encoding/binary"
	"io"
	"math"
	"slices"
	"sync"

	"damson/core/words"
)

// Opinion is a second look at sentences that the reader would let pass. It was learned
// from sentences that a process authority would stop at and from such as harm nothing, and
// weighs how much a new one is like the first. It can ask, and never answers: what it
// lets pass has still to be read by everything else.
type Opinion struct {
	weights map[uint32]float32
	bias    float64
}

// NewOpinion returns the opinion of the weights by mark.
func NewOpinion(weights map[uint32]float32, bias float64) *Opinion {
	return &Opinion{weights, bias}
}

// Score is the logarithm of the odds that a sentence of these marks is one to stop at.
func (o *Opinion) Score(marks []uint32) float64 {
	sum := 0.0
	for _, m := range marks {
		sum += float64(o.weights[m])
	}
	return o.bias + sum/Spread(len(marks))
}

// Spread is what the sum of n weights is divided by, so that long sentences are not
// judged by their length.
func Spread(n int) float64 { return math.Sqrt(float64(n) + 1) }

// doubtful is the score from which a sentence is asked about. On sentences kept apart one
// sound sentence in two hundred reaches it, and a fifth of all harmful ones, those included
// that the rest asks about anyway (measured by cmd/learn).
const doubtful = 2.6

// Likeness is why the second look asks about a clause.
const Likeness = "like what went wrong before"

//go:embed opinion.bin.gz
var packedOpinion []byte

var theOpinion = sync.OnceValue(func() *Opinion {
	o, err := UnpackOpinion(packedOpinion)
	if err != nil {
		panic("method: opinion.bin.gz: " + err.Error())
	}
	return o
})

// scale keeps a weight in 16 bits.
const scale = 2000

// Pack writes the opinion as opinion.bin.gz has it: the bias and then each mark with its
// weight, in order.
func (o *Opinion) Pack() []byte {
	marks := make([]uint32, 0, len(o.weights))
	for m := range o.weights {
		marks = append(marks, m)
	}
	slices.Sort(marks)
	var out bytes.Buffer
	z, _ := gzip.NewWriterLevel(&out, gzip.BestCompression)
	put := func(w float64) {
		_ = binary.Write(z, binary.LittleEndian, int16(max(-math.MaxInt16, min(math.MaxInt16, math.Round(w*scale)))))
	}
	put(o.bias)
	for _, m := range marks {
		_ = binary.Write(z, binary.LittleEndian, m)
		put(float64(o.weights[m]))
	}
	_ = z.Close()
	return out.Bytes()
}

// UnpackOpinion reads what Pack wrote.
func UnpackOpinion(data []byte) (*Opinion, error) {
	z, err := gzip.NewReader(bytes.NewReader(data))
	if err != nil {
		return nil, err
	}
	raw, err := io.ReadAll(z)
	if err != nil {
		return nil, err
	}
	weight := func(i int) float64 { return float64(int16(binary.LittleEndian.Uint16(raw[i:]))) / scale }
	o := &Opinion{weights: make(map[uint32]float32, len(raw)/6), bias: weight(0)}
	for i := 2; i+6 <= len(raw); i += 6 {
		o.weights[binary.LittleEndian.Uint32(raw[i:])] = float32(weight(i + 4))
	}
	return o, nil
}

// Listen calls f with each sentence of a method and its marks, for the learner.
func (r *Reader) Listen(f func(sentence string, marks []uint32)) {
	r.heard, r.memory = f, newMemory()
}

// secondLook marks the clause most like harm of a sentence that passed, where the whole
// is like it. Where somebody listens it marks none, and returns the marks by which it would.
func (r *Reader) secondLook(list []*clause, out []Clause, at Where) (marks []uint32) {
	all := []uint32{}
	per := make([][]uint32, len(list))
	for i, c := range list {
		if out[i].Kind != Serve && !surely[out[i].Why] && !out[i].plain && !refusal(c) {
			per[i] = remembered(c, at)
			all = append(all, per[i]...)
		}
	}
	all = distinct(all)
	if r.heard != nil {
		return all
	}
	if len(all) == 0 || slices.ContainsFunc(out, func(c Clause) bool { return c.Kind == Unread }) || theOpinion().Score(all) < doubtful {
		return nil
	}
	worst, most := -1, math.Inf(-1)
	for i := range per {
		if s := theOpinion().Score(distinct(per[i])); len(per[i]) > 0 && s > most {
			worst, most = i, s
		}
	}
	c := &out[worst]
	c.Kind, c.Doubt, c.Why = Unread, "", Likeness
	c.Code = (&passage{c: list[worst], at: at, r: r}).named("")
	return nil
}

// refusal reports a clause that only says what is not there: "no flour", "no cream".
func refusal(c *clause) bool {
	chunks := c.chunks()
	for _, ch := range chunks {
		if first := c.t[ch.start].low; first != "no" && ch.prep != "without" {
			return false
		}
	}
	for _, v := range c.verbIndexes() {
		if w := &c.t[v]; w.isVerb && w.verb != "need" && w.verb != "want" {
			return false
		}
	}
	return len(chunks) > 0
}

func distinct(marks []uint32) []uint32 {
	marks = slices.Clone(marks)
	slices.Sort(marks)
	return slices.Compact(marks)
}

// remembered are the marks of a clause: where in the course it stands, its words, the
// kinds of things in it and which stand together, who does what.
func remembered(c *clause, at Where) []uint32 {
	phase := at.phase()
	out := []uint32{mark("at", phase), mark("joint", c.joint)}
	p := &passage{c: c, at: at}
	if p.negated() {
		out = append(out, mark("not"))
	}
	for _, a := range c.acts(at.Closed) {
		out = append(out, mark("act", a.frame.Act), mark("act", phase, a.frame.Act))
		if a.frame.Undone {
			out = append(out, mark("undone", a.frame.Act))
		}
	}
	if s := p.subject(); s != nil {
		out = append(out, mark("subject", s.sort()))
	}
	before, last := "^", "^"
	for k := range c.t {
		w := &c.t[k]
		if w.Kind == words.Mark || w.inner || w.m != 0 && k > 0 && c.t[k-1].m == w.m {
			continue
		}
		if w.m == 0 && c.nums[k] == 0 {
			word := w.Text
			if w.isVerb && w.verb != "" {
				word = w.verb
			}
			out = append(out, mark("word", word), mark("word", phase, word))
		}
		sort := w.sort()
		out = append(out, mark("sort", sort), mark("pair", last, sort), mark("triple", before, last, sort))
		before, last = last, sort
	}
	return append(out, mark("pair", last, "$"))
}

// phase names how far the jars are.
func (at Where) phase() string {
	switch {
	case at.Done:
		return "done"
	case at.Closed:
		return "closed"
	case at.Filled:
		return "filled"
	}
	return "before"
}

// sort is what a word is among others: a kind of measure, a verb, a class of the trade, a
// topic of English, or itself.
func (w *token) sort() string {
	switch {
	case w.m != 0:
		return "#" + string(rune('a'+int(w.m)))
	case w.Kind == words.Number:
		return "#"
	case w.isVerb && w.verb != "":
		return w.verb
	case w.class != "":
		return "@" + string(w.class)
	case w.name:
		return "@name"
	}
	if n := w.entry.Noun(); n != 0 && !closed[w.low] {
		return "@n" + string(rune('a'+int(n)))
	}
	return w.Text
}

// mark is the number by which a thing is remembered (FNV-1a of its parts).
func mark(parts ...string) uint32 {
	h := uint32(2166136261)
	for _, p := range parts {
		for i := 0; i < len(p); i++ {
			h = (h ^ uint32(p[i])) * 16777619
		}
		h = (h ^ ' ') * 16777619
	}
	return h
}

// surely are readings that leave nothing for a second look.
var surely = map[string]bool{"left out": true, processTold: true, "insisted on": true}
