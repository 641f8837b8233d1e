package store

import (
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"time"

	"github.com/gofrs/flock"
)

// lockName is the file that the program at work in a data directory holds. The system
// lets go of it when the program ends, however it ends.
const lockName = "damson.lock"

// lock is the right to write in a data directory.
type lock struct{ file *flock.Flock }

// lockDir takes the directory for this program, or says who has it.
func lockDir(dir string) (*lock, error) {
	path := filepath.Join(dir, lockName)
	file := flock.New(path, flock.SetPermissions(0o600), flock.SetFlag(os.O_CREATE|os.O_RDWR))
	got, err := file.TryLock()
	if err != nil {
		return nil, fmt.Errorf("the data directory %s: %w", dir, plain(err))
	}
	if !got {
		who, _ := os.ReadFile(path)
		return nil, fmt.Errorf("another Damson is at work in %s%s: end that one first, or name another directory", dir, brackets(string(who)))
	}
	// Who holds it is for people to read; that it could not be written hurts nobody.
	_ = os.WriteFile(path, fmt.Appendf(nil, "process %d, since %s\n", os.Getpid(), time.Now().Format("2 Jan 2006 15:04")), 0o600)
	return &lock{file}, nil
}

func brackets(s string) string {
	if s = strings.TrimSpace(s); s == "" {
		return ""
	}
	return " (" + s + ")"
}

func (l *lock) release() {
	if l != nil {
		_ = l.file.Unlock()
	}
}
