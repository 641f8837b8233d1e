package store

import (
	"errors"
	"fmt"
	"io/fs"
	"os"
	"path/filepath"
	"syscall"
	"testing"

	"github.com/stretchr/testify/require"
)

// coded is an error with a result code of SQLite (sqlite.org/rescode.html, from memory).
type coded int

func (c coded) Error() string { return fmt.Sprintf("(%d)", int(c)) }
func (c coded) Code() int     { return int(c) }

func TestTroubleOf(t *testing.T) {
	for err, want := range map[error]string{
		coded(13): "full", coded(8): "read but not written", coded(11): "damaged", coded(26): "damaged", coded(5): "Another program", coded(6): "Another program", coded(10): "fault", coded(14): "cannot be opened",
		coded(10 | 3<<8): "fault", coded(13 | 1<<8): "full", syscall.ENOSPC: "full", syscall.EROFS: "not written", fs.ErrPermission: "not written", &fs.PathError{Op: "open", Err: syscall.EACCES}: "not written",
	} {
		got := TroubleOf(fmt.Errorf("while storing: %w", err))
		require.NotNil(t, got, err)
		require.Contains(t, got.What, want)
		require.NotEmpty(t, got.WayOut)
		require.ErrorIs(t, got, err)
		require.Same(t, got, TroubleOf(plain(got)), "it is told once")
	}
	for _, err := range []error{nil, ErrNotFound, ErrStale, errors.New("no such column"), coded(1), coded(19)} {
		require.Nil(t, TroubleOf(err), "%v", err)
		require.Equal(t, err, plain(err))
	}
}

func TestOwnOnly(t *testing.T) {
	path := filepath.Join(t.TempDir(), "x.db")
	for _, p := range []string{path, path + "-wal"} {
		require.NoError(t, os.WriteFile(p, nil, 0o644))
	}
	require.NoError(t, ownOnly(path))
	for _, p := range []string{path, path + "-wal"} {
		info, err := os.Stat(p)
		require.NoError(t, err)
		require.EqualValues(t, 0o600, info.Mode().Perm())
	}
	require.False(t, cannotWrite(t.TempDir()))
	require.True(t, cannotWrite(filepath.Join(t.TempDir(), "nowhere")))
}
