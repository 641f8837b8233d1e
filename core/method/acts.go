package method

// Acts returns the names of the acts that the frames find in a sentence, in
// order; phase says where it stands.
func (r *Reader) Acts(text, phase string) []string {
	closed := phase == "process" || phase == "cool" || phase == "store" || phase == "serve"
	var out []string
	for _, c := range r.split(text, r.annotate(text)) {
		for _, s := range c.acts(closed) {
			out = append(out, s.frame.Act)
		}
	}
	return out
}
