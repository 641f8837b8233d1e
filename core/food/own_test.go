package food

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
)

func TestOwn(t *testing.T) {
	f, err := Own("  Bramble  berries ", "fruit")
	require.NoError(t, err)
	require.Equal(t, "own-bramble-berry", f.ID)
	require.Equal(t, []string{"Bramble berries"}, f.Names)
	require.Empty(t, f.Groups)
	require.False(t, f.HasPH())
	require.NoError(t, f.Check())
	for name, kind := range map[string]string{"": "fruit", "2 cups": "fruit", "x<y": "fruit", strings.Repeat("a", 61): "fruit", "bramble": "poison"} {
		_, err := Own(name, kind)
		require.Error(t, err, name)
	}
}
