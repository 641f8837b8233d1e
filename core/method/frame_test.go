package method_test

import (
	"fmt"
	"os"
	"testing"

	"github.com/stretchr/testify/require"
	"go.yaml.in/yaml/v3"

	"damson/core/method"
	"damson/knowledge"
)

func language(t *testing.T) *method.Language {
	lang := &method.Language{}
	for _, name := range []string{"things.yaml", "frames.yaml"} {
		data, err := os.ReadFile("../../knowledge/" + name)
		require.NoError(t, err)
		require.NoError(t, yaml.Unmarshal(data, lang))
	}
	return lang
}

func TestFrames(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	lang := language(t)
	r := method.NewReader(lib.Foods, lang)
	right, none, wrong, cwrong := 0, 0, 0, 0
	for _, f := range lang.Frames {
		acts := r.Acts(f.Example, f.Phase)
		switch {
		case len(acts) == 0 && f.Act != "talk":
			none++
			fmt.Println("NONE ", f.Act, "|", f.Example, f.Form)
		case has(acts, f.Act) || f.Act == "talk":
			right++
		default:
			wrong++
			fmt.Println("WRONG", f.Act, "|", f.Example, acts)
		}
		if c := r.Acts(f.Counter, f.Phase); has(c, f.Act) && f.Act != "talk" {
			cwrong++
			fmt.Println("COUNTER", f.Act, "|", f.Counter, c, f.CounterAct)
		}
	}
	fmt.Println(right, none, wrong, cwrong)
}

func has(list []string, s string) bool {
	for _, x := range list {
		if x == s {
			return true
		}
	}
	return false
}
