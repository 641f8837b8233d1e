package printed

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// Heights reports words that name an elevation.
func Heights(t []words.Token) bool {
	return slices.ContainsFunc(english.Measures(t), func(m english.Measure) bool { return m.Kind == english.Height })
}

// Table reports words that say nothing beside the figures of a process and what they are of: what
// somebody says about a table is not the table.
func Table(t []words.Token) bool {
	for i := range t {
		if t[i].Kind != words.Word || tableWords[t[i].Text] {
			continue
		}
		if _, n := english.Number(t, i); n > 0 || t[i].Text == "less" && i > 0 && t[i-1].Text == "or" {
			continue
		}
		return false
	}
	return true
}

// tableWords are those of a process and its columns (common practice, no source).
var tableWords = func() map[string]bool {
	out := map[string]bool{}
	for _, w := range strings.Fields(`process in a an the boiling water bath canner canning pressure for of at to from up and or if you your live is are lie be above
		over below under between by with then minute min hour hr pint quart half gallon jar pt qt oz ounce foot ft feet elevation altitude sea level add adding
		additional extra more longer increase increasing time processing adjust adjusting according pound lb psi dial gauge weighted weight higher high low lower
		hot raw pack packed filled all both each every need use using until on as per h m steam`) {
		out[w] = true
	}
	return out
}()
