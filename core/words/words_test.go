package words

import (
	"testing"

	"github.com/stretchr/testify/require"
)

func TestFold(t *testing.T) {
	for in, want := range map[string]string{"Tomatoes": "tomato", "berries": "berry", "Jalapeños": "jalapeno", "leaves": "leaf", "peaches": "peach",
		"molasses": "molasses", "LBS": "lb", "Grandma's": "grandma", "purée": "puree", "asparagus": "asparagus", "peas": "pea", "glass": "glass"} {
		require.Equal(t, want, Fold(in), in)
	}
}

func TestSplit(t *testing.T) {
	var got []string
	for _, tok := range Split("1½ cups sun-dried tomatoes (2–3 oz)") {
		got = append(got, tok.Text)
	}
	require.Equal(t, []string{"1", "½", "cup", "sun", "-", "dried", "tomato", "(", "2", "-", "3", "oz", ")"}, got)
	for _, tok := range Split("5,240 ft, 1/0, 1e999") {
		require.NotEmpty(t, tok.Text)
	}
}
