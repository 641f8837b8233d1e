package main

import (
	"bytes"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/review"
)

func onLine(no int, severity review.Severity, code, do string) review.Finding {
	return review.Finding{Line: &no, Severity: severity, Code: code, Do: do, Message: "Why.", Source: "from memory"}
}

// The worst stands first, what is said of several lines once, with all of them.
func TestFindingsWorstFirst(t *testing.T) {
	var b bytes.Buffer
	printFindings(&b, []review.Finding{
		onLine(3, review.Note, "seasoning-change", "Seasoning is free"),
		onLine(4, review.Care, "unpeeled-root", "Peel the potato"),
		onLine(5, review.Note, "seasoning-change", "Seasoning is free"),
		onLine(6, review.Amend, "dairy", "Leave the cream out"),
		{Severity: review.Halt, Code: "made", Do: "What now?", Message: "Why.", Remedy: "Freeze it.", Source: "from memory"},
		onLine(5, review.Note, "seasoning-change", "Seasoning is free"),
	})
	lines := strings.Split(strings.TrimSpace(b.String()), "\n")
	require.Equal(t, []string{
		"recipe [stop, made] What now? Why. Freeze it. (from memory)",
		"  line 6 [change, dairy] Leave the cream out. Why. (from memory)",
		"  line 4 [care, unpeeled-root] Peel the potato. Why. (from memory)",
		"  lines 3, 5 [note, seasoning-change] Seasoning is free. Why. (from memory)",
	}, lines)
}

// A relative's process is told with all that makes it safe.
func TestRelativesPrinted(t *testing.T) {
	var b bytes.Buffer
	printRelatives(&b, nil)
	require.Empty(t, b.String())
	printRelatives(&b, []review.Relative{
		{Procedure: review.ProcedureRef{Title: "Tomatoes"}, LinesOut: []int{4, 5}, Process: procedure.Process{Method: "water-bath", Jar: "quart", Pack: "raw", Minutes: 45, HeadspaceIn: 0.5, AcidPerJar: "2 Tbsp bottled lemon juice"}},
		{Procedure: review.ProcedureRef{Title: "Pumpkin"}, Process: procedure.Process{Method: "pressure", Gauge: "dial", Jar: "pint", Pack: "hot", Minutes: 55, PSI: 11, HeadspaceIn: 1}},
	})
	require.Contains(t, b.String(), "Tomatoes: water bath, quarts, raw pack: 45 min; headspace ½ in; in each jar 2 Tbsp bottled lemon juice; it does not have lines 4, 5\n")
	require.Contains(t, b.String(), "Pumpkin: pressure canner, pints, hot pack: 55 min at 11 psi, dial gauge; headspace 1 in\n")
}
