package procedure

import "slices"

// SeenBy returns whose checks the processes rest on, each once.
func SeenBy(list []Process) []string {
	var out []string
	for _, p := range list {
		if p.Seen != "" && !slices.Contains(out, p.Seen) {
			out = append(out, p.Seen)
		}
	}
	return out
}

// Unchecked counts the processes that nobody has compared with print: from memory, or as
// this kitchen typed them.
func Unchecked(list []Process) int {
	n := 0
	for _, p := range list {
		if p.Seen == "" {
			n++
		}
	}
	return n
}
