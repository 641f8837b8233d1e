package kit

// Choice is one option of a field.
type Choice struct {
	Value, Label string
	Chosen       bool
}

// Choices are the options of a field, each with its value and its words; the first stands for none.
func Choices(now, none string, list [][2]string) []Choice {
	out := []Choice{{"", none, now == ""}}
	for _, x := range list {
		out = append(out, Choice{x[0], x[1], x[0] == now})
	}
	return out
}

// Chosen are options, a value and its words after each other.
func Chosen(now string, pairs ...string) []Choice {
	var out []Choice
	for i := 0; i < len(pairs); i += 2 {
		out = append(out, Choice{pairs[i], pairs[i+1], pairs[i] == now})
	}
	return out
}
