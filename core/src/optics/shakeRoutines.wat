;; The inner loop of a blur by a kernel of few places, sixteen values of a row at a time.
;; shakeWasm.ts is made from this by `node tools/wat.mjs`; shakeBlur.ts says the same in TypeScript.
(module
  (memory (export "memory") 1)

  ;; from: a row of floats; n: a multiple of sixteen. taps: pairs of a byte offset from the row and a share, up to last.
  ;; Writes n floats to out: the sum over all taps of the row at that offset times the share.
  (func (export "blurRow")
    (param $from i32) (param $n i32) (param $taps i32) (param $last i32) (param $out i32)
    (local $end i32) (local $tap i32) (local $at i32) (local $share v128)
    (local $a v128) (local $b v128) (local $c v128) (local $d v128) (local $zeros v128)
    (local.set $end (i32.add (local.get $out) (i32.shl (local.get $n) (i32.const 2))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $out) (local.get $end)))
        (local.set $a (local.get $zeros))
        (local.set $b (local.get $zeros))
        (local.set $c (local.get $zeros))
        (local.set $d (local.get $zeros))
        (local.set $tap (local.get $taps))
        (block $summed
          (loop $more
            (br_if $summed (i32.ge_u (local.get $tap) (local.get $last)))
            (local.set $at (i32.add (local.get $from) (i32.load (local.get $tap))))
            (local.set $share (v128.load32_splat offset=4 (local.get $tap)))
            (local.set $a (f32x4.add (local.get $a) (f32x4.mul (local.get $share) (v128.load (local.get $at)))))
            (local.set $b (f32x4.add (local.get $b) (f32x4.mul (local.get $share) (v128.load offset=16 (local.get $at)))))
            (local.set $c (f32x4.add (local.get $c) (f32x4.mul (local.get $share) (v128.load offset=32 (local.get $at)))))
            (local.set $d (f32x4.add (local.get $d) (f32x4.mul (local.get $share) (v128.load offset=48 (local.get $at)))))
            (local.set $tap (i32.add (local.get $tap) (i32.const 8)))
            (br $more)))
        (v128.store (local.get $out) (local.get $a))
        (v128.store offset=16 (local.get $out) (local.get $b))
        (v128.store offset=32 (local.get $out) (local.get $c))
        (v128.store offset=48 (local.get $out) (local.get $d))
        (local.set $from (i32.add (local.get $from) (i32.const 64)))
        (local.set $out (i32.add (local.get $out) (i32.const 64)))
        (br $next)))))
