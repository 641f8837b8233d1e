package kit

import (
	"errors"
	"fmt"
	"io"
	"net/http"

	"github.com/gin-gonic/gin"
)

// Upload returns the file of a form's field. Where there is none, or it is larger than limit
// bytes, problem says so.
func Upload(c *gin.Context, field string, limit int64) (data []byte, problem string) {
	h, err := c.FormFile(field)
	var large *http.MaxBytesError
	switch {
	case errors.As(err, &large) || err == nil && h.Size > limit:
		return nil, fmt.Sprintf("The file is larger than %d KiB.", limit>>10)
	case err != nil:
		return nil, "Choose a file first."
	}
	f, err := h.Open()
	if err != nil {
		return nil, "The file could not be read: " + err.Error() + "."
	}
	defer f.Close()
	if data, err = io.ReadAll(io.LimitReader(f, limit+1)); err != nil {
		return nil, "The file could not be read: " + err.Error() + "."
	}
	return data, ""
}
