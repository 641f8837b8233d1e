package store

import (
	"context"
	"os"
	"path/filepath"
	"testing"

	"github.com/stretchr/testify/require"
)

func count(t *testing.T, dir string) int {
	t.Helper()
	s, err := OpenToRead(dir)
	require.NoError(t, err)
	defer s.Close()
	list, err := s.Recipes(context.Background(), "", 0, 1000)
	require.NoError(t, err)
	return len(list)
}

// filled makes a data directory with n recipes, and returns it closed.
func filled(t *testing.T, n int) string {
	t.Helper()
	dir := t.TempDir()
	s, err := Open(dir)
	require.NoError(t, err)
	for range n {
		require.NoError(t, s.AddRecipe(context.Background(), &Recipe{Title: "Plums", Text: "Plums\n5 lb plums"}))
	}
	require.NoError(t, s.Close())
	return dir
}

func names(t *testing.T, dir string) []string {
	t.Helper()
	list, err := os.ReadDir(dir)
	require.NoError(t, err)
	var out []string
	for _, e := range list {
		out = append(out, e.Name())
	}
	return out
}

func TestBackupAndRestore(t *testing.T) {
	ctx := context.Background()
	dir, out := filled(t, 3), t.TempDir()
	backup := filepath.Join(out, "b.db")
	s, err := Open(dir)
	require.NoError(t, err)
	r, err := OpenToRead(dir)
	require.NoError(t, err, "also while a Damson is at work")
	require.NoError(t, r.Backup(ctx, backup))
	require.ErrorContains(t, r.Backup(ctx, backup), "already", "nothing is overwritten")
	require.NoError(t, r.Close())
	require.Equal(t, []string{"b.db"}, names(t, out))
	info, err := os.Stat(backup)
	require.NoError(t, err)
	require.EqualValues(t, 0o600, info.Mode().Perm())

	_, err = Restore(dir, backup)
	require.ErrorContains(t, err, "another Damson", "not under one that is at work")
	for range 20 {
		require.NoError(t, s.AddRecipe(ctx, &Recipe{Title: "Later", Text: "Later\n5 lb plums"}))
	}
	require.NoError(t, s.Close())

	// The log of a program that was killed lies beside the database: it must go with it.
	require.NoError(t, os.WriteFile(filepath.Join(dir, fileName+"-wal"), []byte("a log of another time"), 0o600))
	aside, err := Restore(dir, backup)
	require.NoError(t, err)
	require.FileExists(t, aside)
	require.FileExists(t, aside+"-wal")
	require.NoFileExists(t, filepath.Join(dir, fileName+"-wal"))
	require.Equal(t, 3, count(t, dir))
	s, err = Open(dir)
	require.NoError(t, err)
	require.NoError(t, s.Close())

	fresh := filepath.Join(t.TempDir(), "new")
	aside, err = Restore(fresh, backup)
	require.NoError(t, err)
	require.Empty(t, aside, "there was none before")
	require.Equal(t, 3, count(t, fresh))
}

func TestNoBackup(t *testing.T) {
	ctx := context.Background()
	dir, out := filled(t, 1), t.TempDir()
	path := filepath.Join(dir, fileName)
	for name, spoil := range map[string]func(string){
		"empty":     func(p string) { require.NoError(t, os.WriteFile(p, nil, 0o600)) },
		"text":      func(p string) { require.NoError(t, os.WriteFile(p, []byte("recipes, recipes, recipes"), 0o600)) },
		"directory": func(p string) { require.NoError(t, os.Mkdir(p, 0o700)) },
		"missing":   func(string) {},
		"other's": func(p string) {
			s, err := connect(mkfile(t, p), "rw", "immediate")
			require.NoError(t, err)
			require.NoError(t, s.db.Exec("CREATE TABLE theirs (id INTEGER); PRAGMA journal_mode = DELETE").Error)
			require.NoError(t, s.Close())
		},
		"newer": func(p string) {
			require.NoError(t, copyFile(path, p))
			s, err := connect(p, "rw", "immediate")
			require.NoError(t, err)
			require.NoError(t, s.db.Exec("PRAGMA user_version = 999").Error)
			require.NoError(t, s.Close())
		},
		"damaged": func(p string) {
			require.NoError(t, copyFile(path, p))
			f, err := os.OpenFile(p, os.O_WRONLY, 0)
			require.NoError(t, err)
			_, err = f.WriteAt(make([]byte, 8*4096), 4096)
			require.NoError(t, err)
			require.NoError(t, f.Close())
		},
		"at work": func(p string) {
			require.NoError(t, copyFile(path, p))
			require.NoError(t, os.WriteFile(p+"-wal", []byte("not yet in it"), 0o600))
		},
	} {
		p := filepath.Join(out, name)
		spoil(p)
		before, err := os.ReadFile(path)
		require.NoError(t, err)
		_, err = Restore(dir, p)
		require.Error(t, err, name)
		require.NotContains(t, err.Error(), "(11)", "%s: in words", name)
		after, err := os.ReadFile(path)
		require.NoError(t, err)
		require.Equal(t, before, after, "%s: what is there stays", name)
	}
	require.Equal(t, 1, count(t, dir))

	// A backup that fails leaves no file by its name.
	s, err := OpenToRead(dir)
	require.NoError(t, err)
	defer s.Close()
	require.Error(t, s.Backup(ctx, filepath.Join(out, "nowhere", "b.db")))
	stopped, stop := context.WithCancel(ctx)
	stop()
	require.Error(t, s.Backup(stopped, filepath.Join(out, "b.db")))
	require.NoFileExists(t, filepath.Join(out, "b.db"))
	require.NoFileExists(t, filepath.Join(out, "b.db.part"))
}

func mkfile(t *testing.T, p string) string {
	t.Helper()
	require.NoError(t, os.WriteFile(p, nil, 0o600))
	return p
}

// What only reads makes nothing where there is nothing, and brings no tables up to date.
func TestOpenToRead(t *testing.T) {
	if underRace {
		t.Skip("one write behind the other, many times: make test runs it again without the race detector")
	}
	empty := t.TempDir()
	_, err := OpenToRead(empty)
	require.ErrorIs(t, err, ErrNoData)
	require.Empty(t, names(t, empty))

	for v := 1; v < len(migrations); v++ {
		dir := t.TempDir()
		path := filepath.Join(dir, fileName)
		s, err := connect(mkfile(t, path), "rw", "immediate")
		require.NoError(t, err)
		require.NoError(t, s.migrate(0, v))
		require.NoError(t, s.db.Exec("INSERT INTO recipes (title, text, sent_by, jar, pack, method, created_at, updated_at) VALUES ('Old', 'Old beans', '', '', '', '', '2026-01-01 10:00:00+00:00', '2026-01-01 10:00:00+00:00')").Error)
		require.NoError(t, s.Close())

		s, err = OpenToRead(dir)
		require.NoError(t, err)
		d, err := s.Export(context.Background())
		require.NoError(t, err)
		require.Equal(t, v, d.Version)
		require.Len(t, d.Tables["recipes"], 1)
		require.Error(t, s.AddRecipe(context.Background(), &Recipe{Title: "x", Text: "x"}))
		require.NoError(t, s.Backup(context.Background(), filepath.Join(dir, "b.db")))
		have, err := s.version()
		require.NoError(t, err)
		require.Equal(t, v, have, "it is of its version still")
		require.NoError(t, s.Close())

		// Opened to be worked with it is upgraded, and a copy from before is kept.
		s, err = Open(dir)
		require.NoError(t, err)
		have, err = s.version()
		require.NoError(t, err)
		require.Equal(t, len(migrations), have)
		require.NoError(t, s.Close())
		copies, err := filepath.Glob(path + ".v*")
		require.NoError(t, err)
		require.Len(t, copies, 1)
		old, err := connect(copies[0], still, "deferred")
		require.NoError(t, err)
		have, err = old.version()
		require.NoError(t, err)
		require.Equal(t, v, have)
		require.NoError(t, old.Close())

		// The export of an old version can be read in, too.
		fresh := filepath.Join(t.TempDir(), "in")
		require.NoError(t, Import(context.Background(), fresh, d), "version %d", v)
		require.Equal(t, 1, count(t, fresh))
		s, err = Open(fresh)
		require.NoError(t, err)
		list, err := s.Versions(context.Background(), 1)
		require.NoError(t, err)
		require.Len(t, list, 1, "every recipe has its first version")
		require.NoError(t, s.Close())
	}
}

func TestNamesOfDirectories(t *testing.T) {
	root := t.TempDir()
	for _, name := range []string{"plain", "a b", "fruit & veg", "kitchen #1", "kitchen #2", "what?", "100%", "a%20b", "a?mode=memory", "é", ";", "'\""} {
		s, err := Open(filepath.Join(root, name))
		require.NoError(t, err, name)
		r := Recipe{Title: name, Text: "x"}
		require.NoError(t, s.AddRecipe(context.Background(), &r))
		require.EqualValues(t, 1, r.ID, "%s: a file of its own", name)
		require.NoError(t, s.Close())
		for _, f := range []string{fileName, lockName} {
			info, err := os.Stat(filepath.Join(root, name, f))
			require.NoError(t, err)
			require.EqualValues(t, 0o600, info.Mode().Perm(), "%s: %s is for its owner", name, f)
		}
	}
	require.Len(t, names(t, root), 12)
}

func TestOneAtATime(t *testing.T) {
	dir := t.TempDir()
	s, err := Open(dir)
	require.NoError(t, err)
	_, err = Open(dir)
	require.ErrorContains(t, err, "another Damson is at work")
	require.ErrorContains(t, err, "process", "it says which")
	require.ErrorContains(t, Import(context.Background(), dir, Dump{Version: 1, Tables: map[string][]map[string]any{}}), "another Damson")
	require.NoError(t, s.Close())
	s, err = Open(dir)
	require.NoError(t, err)
	require.NoError(t, s.Close())
}

// What is left of a database is not taken for a new kitchen.
func TestRemains(t *testing.T) {
	dir := filled(t, 2)
	path := filepath.Join(dir, fileName)
	require.NoError(t, os.Truncate(path, 0))
	_, err := Open(dir)
	require.ErrorContains(t, err, "damson restore")
	_, err = OpenToRead(dir)
	require.ErrorContains(t, err, "damson restore")

	require.NoError(t, os.Remove(path))
	require.NoError(t, os.WriteFile(path+"-wal", []byte("x"), 0o600))
	_, err = Open(dir)
	require.ErrorContains(t, err, "log")
	require.NoError(t, os.Remove(path+"-wal"))

	require.NoError(t, os.WriteFile(path, []byte("this is a letter and no database, however long it may be"), 0o600))
	_, err = Open(dir)
	require.ErrorContains(t, err, "damaged")
	require.NoError(t, os.Remove(path))
	require.NoError(t, os.Mkdir(path, 0o700))
	_, err = Open(dir)
	require.ErrorContains(t, err, "cannot be opened")
	require.NoError(t, os.Remove(path))

	// A start that was killed half way through leaves no half database.
	require.NoError(t, os.WriteFile(path+".new", []byte("half"), 0o600))
	s, err := Open(dir)
	require.NoError(t, err)
	require.NoError(t, s.Close())
	require.NoFileExists(t, path+".new")
}
