package web

import (
	"time"

	"damson/core/recipe"
)

// The limits of a connection.
const (
	// headerTime and bodyTime end what is sent drop by drop: a form of 3 MiB over a slow line
	// takes less.
	headerTime = 5 * time.Second
	bodyTime   = 20 * time.Second
	// answerTime is more than any page takes; a large log goes out within it.
	answerTime = 30 * time.Second
	// idleTime keeps a browser's connection while somebody reads.
	idleTime = 2 * time.Minute
	// graceTime is how long requests in flight may finish when the program is ended; a
	// connection that never asked anything must not hold it up.
	graceTime = 2 * time.Second
	// maxHeader is far more than a browser sends.
	maxHeader = 64 << 10
)

// The limits of what is sent in.
const (
	// maxForm: a recipe of recipe.MaxBytes may triple when it is percent-encoded, and fields
	// come with it.
	maxForm = 3*recipe.MaxBytes + 64<<10
)
