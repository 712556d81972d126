;; The inner loop of a development to sRGB bytes, four pixels at a time.
;; developWasm.ts is made from this by `node tools/wat.mjs`; develop.ts says the same in TypeScript.
(module
  (memory (export "memory") 1)

  ;; raw: interleaved 16-bit values, none above white, and 16 bytes more behind the last; n: a multiple of four.
  ;; black: level of no light; kr, kg, kb: balanced linear share 0..1 of a raw count. matrix: nine floats that turn balanced
  ;; camera RGB into steps of the tone table; tone: bytes for 0..steps. Writes four opaque RGBA pixels.
  (func (export "developPixels")
    (param $raw i32) (param $n i32) (param $black f32) (param $kr f32) (param $kg f32) (param $kb f32)
    (param $matrix i32) (param $tone i32) (param $steps i32) (param $rgba i32)
    (local $last i32)
    (local $a v128) (local $b v128) (local $r v128) (local $g v128) (local $bl v128)
    (local $R v128) (local $G v128) (local $B v128)
    (local $blacks v128) (local $krs v128) (local $kgs v128) (local $kbs v128) (local $ones v128) (local $zeros v128)
    (local $half v128) (local $tops v128) (local $low v128) (local $tones v128)
    (local $m0 v128) (local $m1 v128) (local $m2 v128) (local $m3 v128) (local $m4 v128)
    (local $m5 v128) (local $m6 v128) (local $m7 v128) (local $m8 v128)
    (local.set $blacks (f32x4.splat (local.get $black)))
    (local.set $krs (f32x4.splat (local.get $kr)))
    (local.set $kgs (f32x4.splat (local.get $kg)))
    (local.set $kbs (f32x4.splat (local.get $kb)))
    (local.set $ones (f32x4.splat (f32.const 1)))
    (local.set $half (f32x4.splat (f32.const 0.5)))
    (local.set $tops (i32x4.splat (local.get $steps)))
    (local.set $tones (i32x4.splat (local.get $tone)))
    (local.set $low (i32x4.splat (i32.const 65535)))
    (local.set $m0 (v128.load32_splat (local.get $matrix)))
    (local.set $m1 (v128.load32_splat offset=4 (local.get $matrix)))
    (local.set $m2 (v128.load32_splat offset=8 (local.get $matrix)))
    (local.set $m3 (v128.load32_splat offset=12 (local.get $matrix)))
    (local.set $m4 (v128.load32_splat offset=16 (local.get $matrix)))
    (local.set $m5 (v128.load32_splat offset=20 (local.get $matrix)))
    (local.set $m6 (v128.load32_splat offset=24 (local.get $matrix)))
    (local.set $m7 (v128.load32_splat offset=28 (local.get $matrix)))
    (local.set $m8 (v128.load32_splat offset=32 (local.get $matrix)))
    (local.set $last (i32.add (local.get $rgba) (i32.shl (local.get $n) (i32.const 2))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $rgba) (local.get $last)))
        ;; Twelve values: 0 to 7 in a, 4 to 11 in b.
        (local.set $a (v128.load (local.get $raw)))
        (local.set $b (v128.load offset=8 (local.get $raw)))
        (local.set $r
          (v128.and (local.get $low)
            (i8x16.shuffle 0 1 0 0 6 7 0 0 12 13 0 0 26 27 0 0 (local.get $a) (local.get $b))))
        (local.set $g
          (v128.and (local.get $low)
            (i8x16.shuffle 2 3 0 0 8 9 0 0 14 15 0 0 28 29 0 0 (local.get $a) (local.get $b))))
        (local.set $bl
          (v128.and (local.get $low)
            (i8x16.shuffle 4 5 0 0 10 11 0 0 24 25 0 0 30 31 0 0 (local.get $a) (local.get $b))))
        ;; Balanced, and cut where the first channel clips.
        (local.set $r
          (f32x4.pmin (local.get $ones) (f32x4.pmax (local.get $zeros)
            (f32x4.mul (local.get $krs)
              (f32x4.sub (f32x4.convert_i32x4_s (local.get $r)) (local.get $blacks))))))
        (local.set $g
          (f32x4.pmin (local.get $ones) (f32x4.pmax (local.get $zeros)
            (f32x4.mul (local.get $kgs)
              (f32x4.sub (f32x4.convert_i32x4_s (local.get $g)) (local.get $blacks))))))
        (local.set $bl
          (f32x4.pmin (local.get $ones) (f32x4.pmax (local.get $zeros)
            (f32x4.mul (local.get $kbs)
              (f32x4.sub (f32x4.convert_i32x4_s (local.get $bl)) (local.get $blacks))))))
        (local.set $R
          (f32x4.add
            (f32x4.add (f32x4.mul (local.get $m0) (local.get $r)) (f32x4.mul (local.get $m1) (local.get $g)))
            (f32x4.add (f32x4.mul (local.get $m2) (local.get $bl)) (local.get $half))))
        (local.set $G
          (f32x4.add
            (f32x4.add (f32x4.mul (local.get $m3) (local.get $r)) (f32x4.mul (local.get $m4) (local.get $g)))
            (f32x4.add (f32x4.mul (local.get $m5) (local.get $bl)) (local.get $half))))
        (local.set $B
          (f32x4.add
            (f32x4.add (f32x4.mul (local.get $m6) (local.get $r)) (f32x4.mul (local.get $m7) (local.get $g)))
            (f32x4.add (f32x4.mul (local.get $m8) (local.get $bl)) (local.get $half))))
        ;; Addresses in the tone table.
        (local.set $R
          (i32x4.add (local.get $tones)
            (i32x4.min_s (local.get $tops) (i32x4.max_s (local.get $zeros) (i32x4.trunc_sat_f32x4_s (local.get $R))))))
        (local.set $G
          (i32x4.add (local.get $tones)
            (i32x4.min_s (local.get $tops) (i32x4.max_s (local.get $zeros) (i32x4.trunc_sat_f32x4_s (local.get $G))))))
        (local.set $B
          (i32x4.add (local.get $tones)
            (i32x4.min_s (local.get $tops) (i32x4.max_s (local.get $zeros) (i32x4.trunc_sat_f32x4_s (local.get $B))))))
        (i32.store (local.get $rgba)
          (i32.or
            (i32.or
              (i32.load8_u (i32x4.extract_lane 0 (local.get $R)))
              (i32.shl (i32.load8_u (i32x4.extract_lane 0 (local.get $G))) (i32.const 8)))
            (i32.or
              (i32.shl (i32.load8_u (i32x4.extract_lane 0 (local.get $B))) (i32.const 16))
              (i32.const 0xff000000))))
        (i32.store offset=4 (local.get $rgba)
          (i32.or
            (i32.or
              (i32.load8_u (i32x4.extract_lane 1 (local.get $R)))
              (i32.shl (i32.load8_u (i32x4.extract_lane 1 (local.get $G))) (i32.const 8)))
            (i32.or
              (i32.shl (i32.load8_u (i32x4.extract_lane 1 (local.get $B))) (i32.const 16))
              (i32.const 0xff000000))))
        (i32.store offset=8 (local.get $rgba)
          (i32.or
            (i32.or
              (i32.load8_u (i32x4.extract_lane 2 (local.get $R)))
              (i32.shl (i32.load8_u (i32x4.extract_lane 2 (local.get $G))) (i32.const 8)))
            (i32.or
              (i32.shl (i32.load8_u (i32x4.extract_lane 2 (local.get $B))) (i32.const 16))
              (i32.const 0xff000000))))
        (i32.store offset=12 (local.get $rgba)
          (i32.or
            (i32.or
              (i32.load8_u (i32x4.extract_lane 3 (local.get $R)))
              (i32.shl (i32.load8_u (i32x4.extract_lane 3 (local.get $G))) (i32.const 8)))
            (i32.or
              (i32.shl (i32.load8_u (i32x4.extract_lane 3 (local.get $B))) (i32.const 16))
              (i32.const 0xff000000))))
        (local.set $raw (i32.add (local.get $raw) (i32.const 24)))
        (local.set $rgba (i32.add (local.get $rgba) (i32.const 16)))
        (br $next)))))
