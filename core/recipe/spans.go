package recipe

import (
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// The parts of a line that a span of its words can give.
const (
	PartAmount  = "amount"
	PartUnit    = "unit"
	PartFood    = "food"
	PartForm    = "form"
	PartUnknown = "unknown"
)

// Span says which words of a line gave a part: text[Start:End], in bytes.
type Span struct {
	Start, End int
	Part       string
}

// Spans returns which words of an ingredient line gave what, in order. Words
// that gave nothing are in no span.
func (r *Reader) Spans(text string) []Span {
	body := stripBullet(text)
	if _, ok := heading(body); ok {
		return nil
	}
	offset := strings.Index(text, body)
	t := words.Split(body)
	pieces := [][2]int{{0, len(body)}}
	if cut := r.secondAmount(t); cut > 0 {
		pieces = [][2]int{{0, t[cut].Start}, {t[cut].End, len(body)}}
	}
	var out []Span
	for _, piece := range pieces {
		part := body[piece[0]:piece[1]]
		tr := &trace{}
		p := lineParser{r: r, l: &Line{Reading: Understood}, t: words.Split(part), trace: tr}
		p.parse(part)
		for _, s := range tr.merged(part) {
			out = append(out, Span{s.Start + offset + piece[0], s.End + offset + piece[0], s.Part})
		}
	}
	return out
}

// trace collects spans while a line is parsed; a nil trace collects nothing.
type trace struct{ spans []Span }

// mark notes that the tokens gave the part.
func (tr *trace) mark(part string, t []words.Token) {
	if tr == nil || len(t) == 0 {
		return
	}
	tr.spans = append(tr.spans, Span{t[0].Start, t[len(t)-1].End, part})
}

// head splits the tokens of a leading amount into number and unit.
func (tr *trace) head(t []words.Token) {
	if tr == nil {
		return
	}
	n := 0
	for n < len(t) && (t[n].Kind == words.Number || english.NumberWord(t[n].Text) != 0 || fractionWords[t[n].Text] != 0 ||
		n > 0 && (t[n].Text == "-" || t[n].Text == "to" || t[n].Text == "and" || t[n].Text == "a" || t[n].Text == "/" || t[n].Text == "or")) {
		n++
	}
	for n > 0 && (t[n-1].Text == "-" || t[n-1].Text == "and" || t[n-1].Text == "or") {
		n--
	}
	end := len(t)
	for end > n && (t[end-1].Text == "of" || t[end-1].Text == "." || t[end-1].Text == "each") {
		end--
	}
	tr.mark(PartAmount, t[:n])
	tr.mark(PartUnit, t[n:end])
}

// merged joins neighbours that gave the same part and lie apart by blanks only.
// Unknown words are the food's name where no other is named.
func (tr *trace) merged(text string) []Span {
	food := false
	for _, s := range tr.spans {
		food = food || s.Part == PartFood
	}
	var out []Span
	for _, s := range tr.spans {
		if s.Part == PartUnknown && !food {
			s.Part = PartFood
		}
		if n := len(out); n > 0 && out[n-1].Part == s.Part && s.Start >= out[n-1].End && strings.TrimSpace(text[out[n-1].End:s.Start]) == "" {
			out[n-1].End = s.End
			continue
		}
		out = append(out, s)
	}
	return out
}
