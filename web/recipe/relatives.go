package recipe

import (
	"strconv"
	"strings"

	"damson/core/procedure"
	"damson/core/review"
	"damson/web/kit"
)

// relativeView is a tested recipe near one that has no process.
type relativeView struct {
	ID, Title, Process, Acid string
	// Out are the lines that it does not have, as they are written.
	Out []string
}

func viewRelatives(res *review.Result, feet int) []relativeView {
	var out []relativeView
	for _, r := range res.Relatives {
		row := kit.ViewProcesses([]procedure.Process{r.Process}, feet)[0]
		process := []string{row.Method, row.Jars, row.Minutes}
		if row.Pressure != "" {
			process = append(process, row.Pressure)
		}
		v := relativeView{ID: r.Procedure.ID, Title: r.Procedure.Title, Process: strings.Join(process, ", "), Acid: row.Acid}
		for _, no := range r.LinesOut {
			v.Out = append(v.Out, "line "+strconv.Itoa(no)+", “"+lineText(res, no)+"”")
		}
		out = append(out, v)
	}
	return out
}

// lineText is the line of the recipe, as it is written.
func lineText(res *review.Result, no int) string {
	for _, l := range res.Lines {
		if l.No == no {
			return strings.TrimSpace(l.Text)
		}
	}
	return ""
}
