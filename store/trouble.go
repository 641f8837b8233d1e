package store

import (
	"errors"
	"io/fs"
	"os"
	"path/filepath"
	"syscall"
)

// errCutOff says that there is a file where the database should be, and nothing in it.
var errCutOff = errors.New("the file is empty, so what it held is gone: put a backup back with damson restore, or take the file away to start anew")

// errLogAlone says that the database is gone and its log is not: a new one beside that
// log would have it played over it.
var errLogAlone = errors.New("the database is gone and its log (damson.db-wal) is left: put a backup back with damson restore, or take the log away to start anew")

// Trouble is what keeps the database from being read or written, in words for whoever
// has to mend it.
type Trouble struct {
	// What is wrong, and the WayOut, each a sentence.
	What, WayOut string
	cause        error
}

func (t *Trouble) Error() string { return t.What + " " + t.WayOut }

// Unwrap returns the error of the system or of the database.
func (t *Trouble) Unwrap() error { return t.cause }

// The primary result codes of SQLite (sqlite.org/rescode.html, from memory).
const (
	codeBusy = 5 + iota
	codeLocked
	_
	codeReadOnly
	_
	codeIO
	codeCorrupt
	_
	codeFull
	codeCannotOpen
	codeNotADatabase = 26
)

// TroubleOf returns what is wrong with the disk or the file, or nil where err is of
// another kind.
func TroubleOf(err error) *Trouble {
	var have *Trouble
	if errors.As(err, &have) {
		return have
	}
	var coded interface{ Code() int }
	code := 0
	if errors.As(err, &coded) {
		code = coded.Code() & 0xff
	}
	say := func(what, wayOut string) *Trouble { return &Trouble{what, wayOut, err} }
	switch {
	case err == nil:
		return nil
	case code == codeFull || errors.Is(err, syscall.ENOSPC):
		return say("The disk is full: this could not be stored.", "Make room on the disk, then send it again. Nothing that was stored is lost.")
	case code == codeReadOnly || errors.Is(err, fs.ErrPermission) || errors.Is(err, syscall.EROFS):
		return say("The data directory can be read but not written.", "Give this program's user the right to write there, then send it again.")
	case code == codeCorrupt || code == codeNotADatabase:
		return say("The database file is damaged.", "Stop Damson, and put a backup back with damson restore; the damaged file is kept beside it.")
	case code == codeBusy || code == codeLocked:
		return say("Another program holds the database, so this could not be stored.", "Close that program, then send it again.")
	case code == codeIO:
		return say("The disk did not take it or give it back: it is full, or it has a fault.", "Make room on the disk and look at its state, then send it again.")
	case code == codeCannotOpen:
		return say("The database file cannot be opened.", "Look whether it is a file, and whether this program's user may read and write it.")
	}
	return nil
}

// plain puts the trouble in the place of the system's words for it.
func plain(err error) error {
	if t := TroubleOf(err); t != nil {
		return t
	}
	return err
}

// ownOnly takes the rights of everybody but the owner off the database and what SQLite
// keeps beside it: recipes and names of senders are private.
func ownOnly(path string) error {
	for _, p := range []string{path, path + "-wal", path + "-shm"} {
		if info, err := os.Stat(p); err == nil && info.Mode().Perm()&0o077 != 0 {
			if err := os.Chmod(p, 0o600); err != nil {
				return err
			}
		}
	}
	return nil
}

func exists(path string) bool {
	_, err := os.Stat(path)
	return err == nil
}

// cannotWrite tries whether a file can be made in dir.
func cannotWrite(dir string) bool {
	f, err := os.CreateTemp(dir, ".damson-try-*")
	if err != nil {
		return true
	}
	_ = f.Close()
	return os.Remove(filepath.Clean(f.Name())) != nil
}
